package lumko.core.paint;

/** The sheen a product is sold as. Its gloss in gloss units is the product's own. */
public enum Sheen {
    DEAD_FLAT,
    MATT,
    EGGSHELL,
    SATIN,
    SILK,
    GLOSS
}
