package lumko.core.repair;

import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.Texture;

/** How much more a textured surface takes than a smooth one. */
public final class Textures {
    private Textures() {}

    /** The factor on quantity; 1 where smooth. */
    public static double factor(Texture texture, Catalogue figures) {
        return switch (texture) {
            case SMOOTH -> 1;
            case ORANGE_PEEL -> figures.factor(Figure.TEXTURE_ORANGE_PEEL);
            case LIGHT_KNOCK_DOWN -> figures.factor(Figure.TEXTURE_LIGHT_KNOCK_DOWN);
            case HEAVY -> figures.factor(Figure.TEXTURE_HEAVY);
            case BARE_MASONRY -> figures.factor(Figure.TEXTURE_BARE_MASONRY);
        };
    }
}
