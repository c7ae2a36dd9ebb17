package lumko.core.drying;

import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;

/**
 * A wet material, how its wait grows with its thickness, and how far the earliest and the safe value lie from the likely
 * one. Source of the ratios: the ranges of the catalogue of figures, Drying and cure.
 */
public enum DryingMaterial {
    SPACKLE(Figure.DRY_SPACKLE, 3, 2.0, 0.67, 1.35, true, 0.67),
    /** At 3 mm likely 17 h; exponent 1.5 gives 3.3 h at 1 mm, inside the 2.5–6 h given for recoating. */
    DRYING_COMPOUND(Figure.DRY_DRYING_COMPOUND, 3, 1.5, 0.9, 1.4, true, 0.1),
    /** Sets by itself; humidity hardly matters. */
    SETTING_COMPOUND(Figure.DRY_SETTING_COMPOUND, 3, 0, 0.6, 2.0, false, 1),
    TWO_PART(Figure.DRY_TWO_PART, 3, 0, 0.65, 1.5, false, 1),
    /** Old plaster behind it sucks, so that it grows slower than its thickness. ASSUMPTION of the exponent. */
    PLASTER(Figure.DRY_PLASTER, 3, 0.8, 0.7, 2.0, true, 0.2),
    CAULK(Figure.DRY_CAULK, 5, 1.0, 0.5, 2.0, true, 0.5),
    PRIMER(Figure.DRY_PRIMER, 0.1, 0, 0.67, 1.35, true, 1),
    EMULSION(Figure.DRY_EMULSION, 0.1, 0, 0.67, 1.35, true, 1),
    TRIM_WATER(Figure.DRY_TRIM_WATER, 0.1, 0, 0.8, 1.3, true, 1),
    TRIM_SOLVENT(Figure.DRY_TRIM_SOLVENT, 0.1, 0, 0.8, 1.2, false, 1),
    FINE_FILLER(Figure.DRY_FINE_FILLER, 1, 1.5, 0.67, 1.35, true, 0.5),
    TEXTURE(Figure.DRY_TEXTURE, 1, 1.0, 0.4, 1.6, true, 0.4),
    ADHESION_PRIMER(Figure.DRY_ADHESION_PRIMER, 0.1, 0, 0.67, 1.35, true, 1),
    /** The bead of paint that seals the edge of a tape. */
    SEAL_BEAD(Figure.DRY_SEAL_BEAD, 0.1, 0, 0.67, 1.35, true, 1),
    DAMP_WALL(Figure.DRY_DAMP_WALL, 0.1, 0, 0.75, 1.5, true, 1);

    private final Figure figure;
    private final Length referenceThickness;
    private final double exponent;
    final double earliestRatio;
    final double safeRatio;
    final boolean driedByAir;
    /** However thin, the material waits at least this share of its reference time. */
    private final double leastShare;

    DryingMaterial(
            Figure figure,
            double referenceMillimetres,
            double exponent,
            double earliestRatio,
            double safeRatio,
            boolean driedByAir,
            double leastShare) {
        this.figure = figure;
        this.referenceThickness = Length.ofMillimetres(referenceMillimetres);
        this.exponent = exponent;
        this.earliestRatio = earliestRatio;
        this.safeRatio = safeRatio;
        this.driedByAir = driedByAir;
        this.leastShare = leastShare;
    }

    /** The thickness at which its reference wait is given. */
    public Length referenceThickness() {
        return referenceThickness;
    }

    /** What its wait for the next coat of the same rests on. */
    public Figure figure() {
        return figure;
    }

    /** How many times its reference wait a layer of a thickness takes. */
    double growth(Length thickness) {
        double ratio = thickness.inMillimetres() / referenceThickness.inMillimetres();
        return Math.max(leastShare, Math.pow(ratio, exponent));
    }

    /** Hours in the reference air until it is ready for a purpose, where no maker's sheet says otherwise. */
    double hours(Length thickness, Purpose purpose, Catalogue figures) {
        double law = hours(figure, figures) * growth(thickness);
        return switch (this) {
            case DRYING_COMPOUND ->
                switch (purpose) {
                    case SAND, PAINT, TAPE, CURE -> Math.max(hours(Figure.DRY_COMPOUND_TO_SAND, figures), law);
                    case RECOAT, HANDLE -> law;
                };
            case SETTING_COMPOUND ->
                switch (purpose) {
                    case PAINT, TAPE, CURE -> hours(Figure.DRY_SETTING_TO_PAINT, figures);
                    case RECOAT, SAND, HANDLE -> law;
                };
            case EMULSION ->
                switch (purpose) {
                    case TAPE -> hours(Figure.DRY_EMULSION_TO_TAPE, figures);
                    case HANDLE -> hours(Figure.DRY_EMULSION_TO_TOUCH, figures);
                    case CURE -> hours(Figure.FULL_CURE, figures);
                    case RECOAT, SAND, PAINT -> law;
                };
            case TRIM_WATER, TRIM_SOLVENT ->
                switch (purpose) {
                    case TAPE -> Math.max(hours(Figure.DRY_TRIM_TO_TAPE, figures), law);
                    case CURE -> hours(Figure.FULL_CURE, figures);
                    case RECOAT, SAND, PAINT, HANDLE -> law;
                };
            case SPACKLE,
                    TWO_PART,
                    PLASTER,
                    CAULK,
                    PRIMER,
                    FINE_FILLER,
                    TEXTURE,
                    ADHESION_PRIMER,
                    SEAL_BEAD,
                    DAMP_WALL -> law;
        };
    }

    private static double hours(Figure figure, Catalogue figures) {
        return Times.inHours(figures.time(figure));
    }
}
