package lumko.core.repair;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Fault;
import lumko.core.fault.Fault.Anchor;
import lumko.core.fault.Fault.Crack;
import lumko.core.fault.Fault.Ding;
import lumko.core.fault.Fault.Hole;
import lumko.core.fault.Fault.NailHole;
import lumko.core.fault.Fault.OldTouchUp;
import lumko.core.fault.Fault.ScrewHole;
import lumko.core.fault.Fault.Stain;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;
import lumko.core.repair.Repair.Method;

/**
 * Which repair a fault gets, by its kind and size: the method, the filler of each coat, its volume with shrinkage, and the
 * minutes. A wider or deeper fault of a kind never needs less filler.
 */
public final class RepairTable {
    /** Thickness of gypsum board or of plaster that a hole goes through. ASSUMPTION: the usual 12.5 mm. */
    private static final double SHELL_MM = 12.5;

    /** Light spackle dries through in one fill up to here, in two up to twice as much. Source: catalogue of figures. */
    private static final double SPACKLE_FILL_MM = 3;

    /** Limits between small, medium and large holes. Source: catalogue of figures, Sizes. */
    private static final double SMALL_HOLE_MM = 50;

    private static final double MEDIUM_HOLE_MM = 150;

    /** Widest hairline crack, widest crack that needs two coats. Source: catalogue of figures, Sizes. */
    private static final double HAIRLINE_MM = 0.5;

    private static final double WIDE_CRACK_MM = 2;

    /** Knives of the first, second and third coat over a patch. Source: catalogue of figures, Sizes. */
    private static final double[] KNIVES_MM = {150, 250, 300};

    private static final double SMALL_KNIFE_MM = 50;

    private final Catalogue figures;

    public RepairTable(Catalogue figures) {
        this.figures = figures;
    }

    public Repair repair(Fault fault) {
        return switch (fault) {
            case NailHole nail -> pinhole(nail.diameter(), Method.PULL_AND_FILL_FLUSH, Figure.NAIL_HOLE_FILL);
            case ScrewHole screw -> pinhole(screw.diameter(), Method.PULL_AND_FILL_FLUSH, Figure.SCREW_HOLE_FILL);
            case Anchor anchor -> anchor(anchor);
            case Ding ding -> ding(ding);
            case Hole hole -> hole(hole);
            case Crack crack -> crack(crack);
            case OldTouchUp touchUp -> new Repair(Method.SCRAPE_EDGE, List.of(), touchUp.extent());
            case Stain stain -> new Repair(Method.BLOCK_STAIN, List.of(), stain.extent());
        };
    }

    /** A hole no wider than a screw: filled flush once; the filler reaches about 2 mm past it. */
    private Repair pinhole(Length diameter, Method method, Figure minutes) {
        double d = diameter.inMillimetres();
        Volume volume = withShrinkage(cylinder(d, SHELL_MM));
        return new Repair(
                method,
                List.of(fill(
                        DryingMaterial.SPACKLE, SPACKLE_FILL_MM, volume, SMALL_KNIFE_MM, figures.minutes(minutes, 1))),
                sandedPast(d + 4));
    }

    /**
     * A plug leaves a hole half as wide again when it comes out. The first fill sinks, so it is topped; the minutes of the
     * catalogue are for both, four fifths of them for the first.
     */
    private Repair anchor(Anchor anchor) {
        double hole = anchor.diameter().inMillimetres() * 1.5;
        Volume volume = withShrinkage(cylinder(hole, SHELL_MM));
        double minutes = figures.value(Figure.ANCHOR_FILL);
        return new Repair(
                Method.UNSCREW_PLUG_AND_FILL,
                List.of(
                        fill(
                                DryingMaterial.SPACKLE,
                                2 * SPACKLE_FILL_MM,
                                volume.times(0.85),
                                SMALL_KNIFE_MM,
                                Times.ofMinutes(minutes * 0.8)),
                        fill(
                                DryingMaterial.SPACKLE,
                                1,
                                volume.times(0.15),
                                SMALL_KNIFE_MM,
                                Times.ofMinutes(minutes * 0.2))),
                sandedPast(hole + 4));
    }

    /** A dent is a spherical cap. Shallow: one fill of spackle; up to 6 mm: two; deeper: setting compound, then spackle. */
    private Repair ding(Ding ding) {
        double depth = ding.depth().inMillimetres();
        double radius = ding.diameter().inMillimetres() / 2;
        Volume volume =
                withShrinkage(Volume.ofCubicMillimetres(Math.PI * depth * (3 * radius * radius + depth * depth) / 6));
        Duration minutes = figures.minutes(Figure.DING_FILL, 1);
        double knife = Math.max(SMALL_KNIFE_MM, ding.diameter().inMillimetres() + 20);
        List<Fill> fills = new ArrayList<>();
        if (depth <= SPACKLE_FILL_MM) {
            fills.add(fill(DryingMaterial.SPACKLE, Math.max(0.5, depth), volume, knife, minutes));
        } else if (depth <= 2 * SPACKLE_FILL_MM) {
            fills.add(fill(DryingMaterial.SPACKLE, depth / 2, volume.times(0.6), knife, minutes));
            fills.add(fill(DryingMaterial.SPACKLE, depth / 2, volume.times(0.4), knife, minutes));
        } else {
            fills.add(fill(DryingMaterial.SETTING_COMPOUND, depth - 1, volume.times(0.85), knife, minutes));
            fills.add(fill(DryingMaterial.SPACKLE, 1, volume.times(0.15), knife, minutes));
        }
        return new Repair(Method.FILL_FLUSH, fills, sandedPast(ding.diameter().inMillimetres()));
    }

    private Repair hole(Hole hole) {
        double d = hole.diameter().inMillimetres();
        if (d <= SMALL_HOLE_MM) {
            return patch(Method.MESH_PATCH, d, Figure.SMALL_HOLE_FIRST, Figure.SMALL_HOLE_NEXT);
        }
        return d <= MEDIUM_HOLE_MM
                ? patch(Method.PLUG_WITH_PAPER_FLANGE, d, Figure.MEDIUM_HOLE_FIRST, Figure.MEDIUM_HOLE_NEXT)
                : patch(Method.BOARD_TO_FRAMING, d, Figure.LARGE_HOLE_FIRST, Figure.LARGE_HOLE_NEXT);
    }

    /** Three coats, each wider than the last; the first, tight one sets, the others dry thin and are feathered to nothing. */
    private Repair patch(Method method, double diameter, Figure first, Figure next) {
        List<Fill> fills = new ArrayList<>();
        for (int coat = 0; coat < KNIVES_MM.length; coat++) {
            double width = diameter + KNIVES_MM[coat];
            double thickness = coat == 0 ? 2 : 1;
            // a layer that thins to nothing at its rim is a flat cone
            Volume volume = withShrinkage(cylinder(width, thickness).times(1.0 / 3));
            fills.add(fill(
                    coat == 0 ? DryingMaterial.SETTING_COMPOUND : DryingMaterial.DRYING_COMPOUND,
                    thickness,
                    volume,
                    KNIVES_MM[coat],
                    figures.minutes(coat == 0 ? first : next, 1)));
        }
        return new Repair(method, fills, sandedPast(diameter + KNIVES_MM[KNIVES_MM.length - 1]));
    }

    /** Hairline: raked to a groove 3 mm wide and deep, filled once. Wider: taped, two coats; wider than 2 mm: three. */
    private Repair crack(Crack crack) {
        double length = crack.length().inMillimetres();
        double gap = crack.gap().inMillimetres();
        double groove = Math.max(3, gap) * 3 / 2;
        Duration first = figures.minutes(Figure.CRACK_FIRST, length / 1000);
        if (gap <= HAIRLINE_MM) {
            Volume volume = withShrinkage(Volume.ofCubicMillimetres(groove * length));
            return new Repair(
                    Method.RAKE_AND_FILL,
                    List.of(fill(DryingMaterial.SPACKLE, SPACKLE_FILL_MM, volume, SMALL_KNIFE_MM, first)),
                    crack.length().plus(Length.ofMillimetres(10)));
        }
        List<Fill> fills = new ArrayList<>();
        int coats = gap <= WIDE_CRACK_MM ? 2 : 3;
        for (int coat = 0; coat < coats; coat++) {
            double strip = KNIVES_MM[coat] * 0.5;
            Volume volume = withShrinkage(Volume.ofCubicMillimetres((strip + (coat == 0 ? groove : 0)) * length));
            fills.add(fill(
                    coat == 0 ? DryingMaterial.SETTING_COMPOUND : DryingMaterial.DRYING_COMPOUND,
                    coat == 0 ? 2 : 1,
                    volume,
                    KNIVES_MM[coat],
                    coat == 0 ? first : figures.minutes(Figure.CRACK_NEXT, length / 1000)));
        }
        return new Repair(
                Method.RAKE_TAPE_AND_FILL, fills, crack.length().plus(Length.ofMillimetres(KNIVES_MM[coats - 1])));
    }

    private Length sandedPast(double fillerWidth) {
        return Length.ofMillimetres(fillerWidth + 2 * figures.value(Figure.SANDED_BEYOND_FILLER));
    }

    private Volume withShrinkage(Volume hardened) {
        return hardened.times(1 / (1 - figures.share(Figure.FILLER_SHRINKAGE)));
    }

    private static Volume cylinder(double diameterMm, double depthMm) {
        return Volume.ofCubicMillimetres(Math.PI * diameterMm * diameterMm / 4 * depthMm);
    }

    private static Fill fill(
            DryingMaterial filler, double thicknessMm, Volume volume, double knifeMm, Duration labour) {
        return new Fill(filler, Length.ofMillimetres(thicknessMm), volume, Length.ofMillimetres(knifeMm), labour);
    }
}
