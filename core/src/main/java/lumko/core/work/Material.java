package lumko.core.work;

import lumko.core.drying.DryingMaterial;

/** What is used up. */
public enum Material {
    SPACKLE,
    DRYING_COMPOUND,
    SETTING_COMPOUND,
    PRIMER,
    STAIN_BLOCK,
    WALL_PAINT;

    static Material of(DryingMaterial filler) {
        return switch (filler) {
            case SPACKLE -> SPACKLE;
            case DRYING_COMPOUND -> DRYING_COMPOUND;
            case SETTING_COMPOUND -> SETTING_COMPOUND;
            case TWO_PART, PLASTER, CAULK, PRIMER, EMULSION, TRIM_WATER, TRIM_SOLVENT, DAMP_WALL ->
                throw new IllegalArgumentException(filler + " is not a wall filler");
        };
    }
}
