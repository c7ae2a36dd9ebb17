package lumko.core.activity;

import lumko.core.drying.DryingMaterial;

/** What is used up. */
public enum Material {
    SPACKLE,
    FINE_FILLER,
    DRYING_COMPOUND,
    SETTING_COMPOUND,
    TWO_PART_FILLER,
    PLASTER,
    CAULK,
    TEXTURE,
    PRIMER,
    ADHESION_PRIMER,
    METAL_PRIMER,
    STAIN_BLOCK,
    MIST_COAT,
    THINNED_PAINT,
    CLEANER,
    MOULD_KILLER,
    /** Near the final colour, under it. */
    UNDERCOAT,
    WALL_PAINT,
    CEILING_PAINT,
    TRIM_PAINT;

    /** Whether it is a paint of the record, with its own tins, rather than a consumable. */
    public boolean isPaint() {
        return this == WALL_PAINT || this == CEILING_PAINT || this == TRIM_PAINT;
    }

    /** Whether it is paint with water in it, mixed on the job. */
    public boolean isThinned() {
        return this == MIST_COAT || this == THINNED_PAINT;
    }

    /** Whether it fills rather than covers. */
    public boolean isFiller() {
        return switch (this) {
            case SPACKLE, FINE_FILLER, DRYING_COMPOUND, SETTING_COMPOUND, TWO_PART_FILLER, PLASTER, CAULK -> true;
            case TEXTURE,
                    PRIMER,
                    ADHESION_PRIMER,
                    METAL_PRIMER,
                    STAIN_BLOCK,
                    MIST_COAT,
                    THINNED_PAINT,
                    CLEANER,
                    MOULD_KILLER,
                    UNDERCOAT,
                    WALL_PAINT,
                    CEILING_PAINT,
                    TRIM_PAINT -> false;
        };
    }

    /** The material that a filler comes out of. */
    public static Material of(DryingMaterial filler) {
        return switch (filler) {
            case SPACKLE -> SPACKLE;
            case FINE_FILLER -> FINE_FILLER;
            case DRYING_COMPOUND -> DRYING_COMPOUND;
            case SETTING_COMPOUND -> SETTING_COMPOUND;
            case TWO_PART -> TWO_PART_FILLER;
            case PLASTER -> PLASTER;
            case CAULK -> CAULK;
            case TEXTURE -> TEXTURE;
            case PRIMER, ADHESION_PRIMER, EMULSION, TRIM_WATER, TRIM_SOLVENT, DAMP_WALL, SEAL_BEAD ->
                throw new IllegalArgumentException(filler + " is not a filler");
        };
    }
}
