package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;

import lumko.core.activity.Advice;
import lumko.core.activity.Move;
import lumko.core.activity.Tool;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;

/** What is done once the coats are on: lines put right, glass scraped, all of it looked at. */
final class Closing {
    /** Who walks past looks from here. Source: catalogue of figures, Sizes. */
    private final Practice practice;

    private final Catalogue figures;
    private final Laying laying;
    private final Job job;

    Closing(Practice practice, Catalogue figures, Laying laying, Job job) {
        this.practice = practice;
        this.figures = figures;
        this.laying = laying;
        this.job = job;
    }

    void lay(Task task) {
        if (task.isWhole() && !task.face().isTrim()) {
            correct(task);
            glass(task);
            hardSurfaces(task);
        }
        laying.on(
                task,
                Move.of(INSPECT)
                        .area(task.painted())
                        .hand(figures.over(Figure.INSPECT, task.painted()))
                        .with(Tool.TORCH)
                        .says(task.room().kind().isNarrow() ? Advice.INSPECT_1_2_M : Advice.INSPECT_2_M));
    }

    /** Where ceiling and walls are in one colour, bumps cost nothing. */
    private void correct(Task task) {
        Edges edges = Edges.of(task.face(), job, practice);
        Length exact = edges.exact().plus(edges.taped());
        boolean costsNothing =
                practice.is(School.CEILING_AS_WALLS) && task.face().isCeiling();
        if (!costsNothing && exact.isLongerThan(Length.ZERO)) {
            laying.on(
                    task,
                    Move.of(CORRECT)
                            .edge(exact)
                            .hand(figures.along(Figure.CORRECT, exact))
                            .with(Tool.SASH_BRUSH)
                            .says(Advice.KEEP_LITTLE_OUT));
        }
    }

    /** Where nothing is masked, drips come off hard smooth surfaces after about twenty minutes. */
    private void hardSurfaces(Task task) {
        if (practice.is(School.FITTINGS_LEFT_AND_SCRAPED)) {
            laying.on(
                    task,
                    Move.of(SCRAPE_OFF)
                            .hand(figures.each(Figure.PLATE_SCRAPED, 1))
                            .with(Tool.SCRAPER));
        }
    }

    private void glass(Task task) {
        int windows = task.face().wall().windows().size();
        if (windows > 0) {
            laying.on(
                    task,
                    Move.of(SCRAPE_OFF)
                            .count(windows)
                            .hand(figures.each(Figure.SCRAPE_GLASS, windows))
                            .with(Tool.WINDOW_SCRAPER));
        }
    }
}
