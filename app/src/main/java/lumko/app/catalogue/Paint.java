package lumko.app.catalogue;

import java.util.UUID;

/** A product in a colour: what a surface is painted with. */
public record Paint(Product product, Colour colour) {
    /** As one says it. */
    public String name() {
        return colour.name() + ", " + product.name();
    }

    /** Names it in a plan. */
    public String key() {
        return key(product.id(), colour.id());
    }

    public static String key(UUID productId, UUID colourId) {
        return productId + ":" + colourId;
    }
}
