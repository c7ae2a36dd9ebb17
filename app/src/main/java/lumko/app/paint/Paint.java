package lumko.app.paint;

/** A product in a colour: what a surface is painted with. */
public record Paint(Product product, Colour colour) {
    /** As one says it. */
    public String name() {
        return colour.name() + ", " + product.name();
    }

    /** Names it in a plan. */
    public String key() {
        return product.id() + ":" + colour.id();
    }
}
