package lumko.core.job;

import java.util.EnumSet;
import java.util.Set;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.WorkGraph;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;

/**
 * What is carried besides tools, tins and fillers.
 *
 * @param sheets of abrasive, rounded up
 * @param tape how much of it goes on
 * @param hasCorrections whether a little of each paint is kept out for corrections
 */
public record Carried(int sheets, Length tape, boolean hasCorrections) {
    /** A roll of tape. ASSUMPTION: the usual one. */
    private static final Length ROLL = Length.ofMetres(50);

    private static final Set<ActivityKind> OF_PLASTER = EnumSet.of(ActivityKind.SAND, ActivityKind.SAND_GLUE_OFF);
    private static final Set<ActivityKind> OF_PAINT = EnumSet.of(
            ActivityKind.KEY_SAND, ActivityKind.LIGHT_SAND, ActivityKind.SAND_PRIMER, ActivityKind.SAND_TRIM);

    public static Carried of(WorkGraph work, Catalogue figures) {
        double sheets = 0;
        for (Activity activity : work.activities()) {
            double squareMetres = activity.area().inSquareMetres();
            if (OF_PLASTER.contains(activity.kind())) {
                double spots = squareMetres > 0 ? 0 : activity.count();
                sheets += squareMetres / figures.area(Figure.SHEET_OF_PLASTER).inSquareMetres()
                        + spots / figures.count(Figure.SHEET_OF_SPOTS);
            } else if (OF_PAINT.contains(activity.kind())) {
                sheets += squareMetres
                        / figures.area(Figure.SHEET_OF_PAINTED_WALL).inSquareMetres();
            }
        }
        Length tape = work.activities().stream().map(Activity::tape).reduce(Length.ZERO, Length::plus);
        boolean corrects = work.activities().stream().anyMatch(each -> each.kind() == ActivityKind.CORRECT);
        return new Carried((int) Math.ceil(sheets - 1e-9), tape, corrects);
    }

    /** Rolls of tape, begun ones whole. */
    public int rolls() {
        return (int) Math.ceil(tape.inMetres() / ROLL.inMetres() - 1e-9);
    }
}
