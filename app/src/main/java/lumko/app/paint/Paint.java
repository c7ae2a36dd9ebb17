package lumko.app.paint;

/** A product in a colour: what a surface is painted with. */
public record Paint(Product product, Colour colour) {
    /** Names it in a plan. */
    public String key() {
        return product.id() + ":" + colour.id();
    }
}
