package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Move;
import lumko.core.activity.Tool;
import lumko.core.activity.Use;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.UnrepeatableMix;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;

/** What a paint asks for once, however many surfaces are painted with it: opened, its tools chosen, rested, washed. */
final class Kit {
    /** A wall or ceiling so wide is open enough for the wide roller. ASSUMPTION: five of its widths. */
    private static final Length OPEN_FROM = Length.ofMetres(2.25);

    private final Practice practice;
    private final Catalogue figures;
    private final Laying laying;
    private final Job job;
    private final List<Task> tasks;
    private final Map<String, Double> rolledMinutes = new HashMap<>();

    Kit(Practice practice, Catalogue figures, Laying laying, Job job, List<Task> tasks) {
        this.practice = practice;
        this.figures = figures;
        this.laying = laying;
        this.job = job;
        this.tasks = tasks;
        for (Task task : tasks) {
            if (task.isWhole() && isOpen(task)) {
                Figure figure = task.face().isCeiling() ? Figure.ROLL_CEILING : Figure.ROLL_WALL;
                double minutes = Times.inMinutes(figures.over(figure, task.painted()))
                        * task.build().finish();
                rolledMinutes.merge(task.paint(), minutes, Double::sum);
            }
        }
    }

    private static boolean isOpen(Task task) {
        return !task.face().isTrim()
                && !OPEN_FROM.isLongerThan(task.face().wall().width());
    }

    /** The wide roller pays on open walls and ceilings, where it saves more than it costs to get out and wash. */
    private boolean isWide(Task task) {
        if (!isOpen(task)) {
            return false;
        }
        double saved = rolledMinutes.getOrDefault(task.paint(), 0.0) * (1 - figures.factor(Figure.ROLL_WIDE));
        return saved > Times.inMinutes(figures.once(Figure.WIDE_ROLLER_SET_OUT));
    }

    Tool roller(Task task) {
        return isWide(task) ? Tool.WIDE_ROLLER : Tool.ROLLER;
    }

    /** How much longer or shorter rolling takes than with the usual roller. */
    double pace(Task task) {
        return isWide(task) ? figures.factor(Figure.ROLL_WIDE) : 1;
    }

    /** What the wide roller costs once. */
    Duration setOut(Task task) {
        return isWide(task) ? figures.once(Figure.WIDE_ROLLER_SET_OUT) : Duration.ZERO;
    }

    /** What a coat over an area takes; the maker's sheet wins. */
    Volume coat(Task task, Area area) {
        return coat(task, area, false);
    }

    /** @param isFirst whether it is the first, of which a primed surface takes more */
    Volume coat(Task task, Area area, boolean isFirst) {
        Figure usual = task.face().isTrim()
                ? Figure.SPREAD_TRIM
                : isFirst && task.isPrimed() ? Figure.SPREAD_ON_PRIMER : Figure.SPREAD_EMULSION;
        Volume smooth = task.face()
                .goesOn()
                .sheet()
                .map(sheet -> Volume.ofLitres(area.inSquareMetres() / sheet.spread()))
                .orElseGet(() -> figures.coat(usual, area));
        return smooth.times(task.texture(figures));
    }

    /** A paint opened: stirred, and its tins poured together where there are several. */
    void open(Task task) {
        laying.once(
                task,
                Move.of(STIR)
                        .hand(figures.once(Figure.STIR))
                        .with(Tool.STIRRER)
                        .says(Advice.STIR_FROM_BOTTOM, Advice.RECORD_PAINT));
        boolean isSeveral = job.mix()
                .filter(mix -> mix.paint().equals(task.paint()) && mix.tins() > 1)
                .isPresent();
        if (isSeveral) {
            Move box = Move.of(BOX_TINS)
                    .hand(figures.once(Figure.BOX_TINS))
                    .with(Tool.STIRRER, Tool.POT)
                    .says(Advice.BOX_TINS, Advice.MIX_ALL_FIRST, Advice.JUDGE_DRY);
            laying.once(task, runsOut(task) ? box.says(Advice.MIX_RUNS_OUT) : box);
        }
    }

    /** Whether a mix that cannot be made again does not reach for all that is painted with it. */
    private boolean runsOut(Task task) {
        List<Task> same = tasks.stream()
                .filter(other -> other.isWhole() && other.paint().equals(task.paint()))
                .toList();
        Area area = same.stream().map(Task::painted).reduce(Area.ZERO, Area::plus);
        double litres = coat(task, area).inLitres();
        return job.mix()
                .map(mix -> UnrepeatableMix.of(
                        Volume.ofLitres(mix.litres()),
                        area,
                        task.build().finish(),
                        area.inSquareMetres() / Math.max(1e-9, litres),
                        task.face().goesOn().cover().oneMore(task.build()),
                        figures.volume(Figure.LOSS_ROLLER)))
                .filter(mix -> mix.advice() != UnrepeatableMix.Advice.START)
                .isPresent();
    }

    /** A paint put away: rested between coats as the house does, washed at the end; what stays in the roller is lost. */
    void put(Task task, int coats) {
        Use lost = new Use(task.material(), task.paint(), figures.volume(Figure.LOSS_ROLLER));
        Duration washing = figures.each(Figure.WASH_BRUSH, 1).plus(figures.each(Figure.WASH_SLEEVE, 1));
        Duration rests = Duration.ZERO;
        if (practice.is(School.WASH_EACH_TIME)) {
            washing = washing.multipliedBy(coats);
        } else if (practice.is(School.USE_LINERS)) {
            washing = washing.plus(figures.each(Figure.CHANGE_LINER, coats));
        } else {
            rests = figures.each(Figure.BAG_TOOL, 2.0 * (coats - 1));
        }
        if (!rests.isZero()) {
            laying.once(
                    task, Move.of(BAG_TOOLS).hand(rests).with(Tool.TOOL_BAGS).says(Advice.BAG_DATED));
        }
        washed(task, washing, lost);
    }

    /** Brushes and small rollers washed. */
    void washed(Task task) {
        washed(task, figures.each(Figure.WASH_BRUSH, 1), new Use(task.material(), task.paint(), Volume.ZERO));
    }

    private void washed(Task task, Duration washing, Use lost) {
        Move move = Move.of(WASH_TOOLS)
                .hand(washing)
                .with(Caution.DRAINS)
                .says(Advice.WIPE_BEFORE_RINSE, Advice.LABEL_LEFTOVERS);
        laying.once(task, lost.volume().equals(Volume.ZERO) ? move : move.uses(lost));
    }
}
