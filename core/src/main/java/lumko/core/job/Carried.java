package lumko.core.job;

import java.util.EnumSet;
import java.util.Set;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.WorkGraph;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;

/**
 * What is carried besides tools, tins and fillers.
 *
 * @param sheets of abrasive, rounded up
 */
public record Carried(int sheets) {
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
        return new Carried((int) Math.ceil(sheets - 1e-9));
    }
}
