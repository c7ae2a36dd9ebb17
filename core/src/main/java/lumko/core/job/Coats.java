package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;

import java.time.Duration;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Move;
import lumko.core.activity.Tool;
import lumko.core.activity.Use;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/** The coats of walls and ceilings from edge to edge: taped where they have to be, cut in, rolled, looked at, again. */
final class Coats {
    private final Practice practice;
    private final Catalogue figures;
    private final Laying laying;
    private final Job job;
    private final Kit kit;

    Coats(Practice practice, Catalogue figures, Laying laying, Job job, Kit kit) {
        this.practice = practice;
        this.figures = figures;
        this.laying = laying;
        this.job = job;
        this.kit = kit;
    }

    void lay(Task task) {
        Edges edges = Edges.of(task.face(), job, practice);
        int coats = task.build().finish();
        kit.open(task);
        sleeve(task);
        tape(task, edges);
        boolean isCeiling = task.face().isCeiling();
        cutIn(task, isCeiling ? CUT_CEILING : CUT_IN, edges, true);
        roll(task, isCeiling ? ROLL_CEILING : ROLL, 0, strip(task, edges, true));
        if (coats > 1) {
            look(task);
            boolean isCutWhole = practice.is(School.CUT_IN_WHOLE_AGAIN);
            if (!isCeiling) {
                cutIn(task, CUT_IN_AGAIN, edges, isCutWhole);
            }
            Area cut = isCeiling ? Area.ZERO : strip(task, edges, isCutWhole);
            roll(task, isCeiling ? ROLL_CEILING_AGAIN : ROLL_AGAIN, 0, cut);
        }
        for (int further = 2; further < coats; further++) {
            roll(task, ROLL_FURTHER, further - 2, Area.ZERO);
        }
        kit.put(task, coats);
    }

    /** One more coat than planned, because what is under it still grins through. */
    void another(Task task, int rolled) {
        ActivityKind second = task.face().isCeiling() ? ROLL_CEILING_AGAIN : ROLL_AGAIN;
        if (rolled < 2) {
            roll(task, second, 0, Area.ZERO);
        } else {
            roll(task, ROLL_FURTHER, rolled - 2, Area.ZERO);
        }
    }

    private void sleeve(Task task) {
        Move move = Move.of(PREPARE_SLEEVE).with(kit.roller(task));
        if (practice.is(School.SLEEVE_WASHED_AND_DRIED)) {
            move = move.hand(figures.once(Figure.SLEEVE_WASHED));
        } else if (practice.is(School.SLEEVE_DAMP)) {
            move = move.hand(figures.once(Figure.SLEEVE_DAMPED));
        } else {
            move = move.hand(figures.once(Figure.SLEEVE_TAPED)).with(Tool.MASKING_TAPE);
        }
        laying.once(task, move.hand(kit.setOut(task)));
    }

    // ---- tape

    private void tape(Task task, Edges edges) {
        if (!edges.taped().isLongerThan(Length.ZERO) || practice.is(School.LIGHT_PREPARATION)) {
            return;
        }
        laying.on(
                task,
                Move.of(TAPE_EDGES)
                        .edge(edges.taped())
                        .tape(edges.taped())
                        .hand(figures.along(Figure.TAPE_ON, edges.taped()))
                        .with(Tool.LOW_TACK_TAPE));
        laying.on(
                task,
                Move.of(SEAL_TAPE_EDGE)
                        .edge(edges.taped())
                        .hand(figures.along(Figure.SEAL_TAPE_EDGE, edges.taped()))
                        .leaves(Wet.of(DryingMaterial.SEAL_BEAD))
                        .with(Tool.SMALL_BRUSH)
                        .says(Advice.SEAL_PROTECTED_COLOUR));
        Move off = Move.of(UNMASK).edge(edges.taped()).hand(figures.along(Figure.TAPE_OFF, edges.taped()));
        laying.on(
                task,
                practice.is(School.TAPE_OFF_WET)
                        ? off
                        : off.hand(figures.along(Figure.SCORE_TAPE, edges.taped()))
                                .with(Tool.CUTTING_KNIFE)
                                .says(Advice.SCORE_DRY_TAPE));
    }

    // ---- brush and roller

    private Wet wet(Task task) {
        return Wet.of(DryingMaterial.EMULSION, task.face().goesOn().recoat());
    }

    private void cutIn(Task task, ActivityKind kind, Edges edges, boolean isWhole) {
        Duration hand = isWhole
                ? figures.along(Figure.CUT_IN, edges.exact()).plus(figures.along(Figure.CUT_IN_LOOSE, edges.loose()))
                : figures.along(Figure.CUT_IN_AGAIN, edges.cut());
        double factor = practice.is(School.ROLL_FIRST) ? figures.factor(Figure.CUT_AFTER_ROLLING) : 1;
        Move cut = Move.of(kind)
                .edge(edges.cut())
                .hand(Duration.ofSeconds(Math.round(hand.toSeconds() * factor)))
                .uses(new Use(
                        task.material(),
                        task.paint(),
                        withLosses(kit.coat(task, strip(task, edges, isWhole), isFirst(kind)))))
                .leaves(wet(task))
                .with(Tool.ANGLED_BRUSH, Tool.POT);
        if (task.face().side() == Side.WALL && job.paintsTrimOf(task.face().room())) {
            cut = cut.says(Advice.WALL_ONTO_SKIRTING);
        }
        laying.on(
                task,
                task.isHigh(figures)
                        ? cut.with(Caution.LADDER).with(Tool.PLATFORM).says(Advice.FOOTED_LADDER, Advice.HIGH_FIRST)
                        : cut);
    }

    /** What the brush paints along the edges; of a second cut-in only the thin places, as far as they take their time. */
    private Area strip(Task task, Edges edges, boolean isWhole) {
        Area strip = edges.cut().times(figures.length(Figure.CUT_STRIP));
        double whole = figures.along(Figure.CUT_IN, edges.cut()).toSeconds();
        double share = isWhole || whole == 0
                ? 1
                : figures.along(Figure.CUT_IN_AGAIN, edges.cut()).toSeconds() / whole;
        Area cut = strip.times(Math.min(1, share));
        return cut.compareTo(task.painted()) > 0 ? task.painted() : cut;
    }

    private static boolean isFirst(ActivityKind kind) {
        return kind == CUT_IN || kind == CUT_CEILING || kind == ROLL || kind == ROLL_CEILING;
    }

    private Volume withLosses(Volume coat) {
        return coat.times(1 + figures.share(Figure.LOSS_BRUSH) + figures.share(Figure.LOSS_TIN));
    }

    /** @param cut what the brush has painted of it in this coat */
    private void roll(Task task, ActivityKind kind, int round, Area cut) {
        Volume coat = withLosses(kit.coat(task, task.painted().without(cut), isFirst(kind)));
        boolean isCeiling = task.face().isCeiling();
        Duration hand = figures.over(isCeiling ? Figure.ROLL_CEILING : Figure.ROLL_WALL, task.painted());
        double factor = kit.pace(task)
                * (practice.is(School.ADVANCE_50) ? figures.factor(Figure.ROLL_ADVANCE_50) : 1)
                * (practice.is(School.LAY_OFF_SEVERAL) ? figures.factor(Figure.LAY_OFF_SEVERAL) : 1);
        Move roll = Move.of(kind)
                .round(round)
                .area(task.painted())
                .hand(Duration.ofSeconds(Math.round(hand.toSeconds() * factor)))
                .uses(new Use(task.material(), task.paint(), coat))
                .leaves(wet(task))
                .with(Caution.SPLASHES)
                .with(kit.roller(task), Tool.ROLLER, Tool.TRAY, Tool.POLE, Tool.GOGGLES)
                .says(Advice.LAY_OFF_ONCE);
        if (practice.is(School.USE_LINERS)) {
            roll = roll.with(Tool.TRAY_LINER);
        }
        if (isCeiling) {
            roll = roll.says(Advice.EYES_OVERHEAD, Advice.TIME_FOR_ALL, Advice.TOWARDS_WINDOW);
        }
        if (isCeiling && task.face().coatsOn().coats() > 0) {
            roll = roll.says(Advice.CEILING_COAT_MORE);
        }
        if (kind == ROLL_AGAIN || kind == ROLL_CEILING_AGAIN) {
            roll = roll.says(Advice.SECOND_COAT_RULE);
        }
        laying.on(task, roll);
    }

    /** After the first coat, whatever comes next; what a bare surface then shows is filled before the last. */
    private void look(Task task) {
        int round = task.face().isCeiling() ? Order.CEILING : Order.WALL;
        laying.on(
                task,
                Move.of(LOOK_FOR_MISSES)
                        .round(round)
                        .area(task.painted())
                        .hand(figures.over(Figure.INSPECT, task.painted()))
                        .with(Tool.TORCH)
                        .says(Advice.LOOK_ALONG));
        boolean wasBare = task.isBare() || task.isSkimmed();
        if (wasBare && task.build().finish() > 1) {
            laying.on(
                    task,
                    Move.of(FILL_WHAT_SHOWS)
                            .round(round)
                            .area(task.painted())
                            .hand(figures.over(Figure.FILL_WHAT_SHOWS, task.painted()))
                            .leaves(Wet.of(DryingMaterial.FINE_FILLER))
                            .with(Tool.FILLING_KNIFE, Tool.FOLDED_FINE_PAPER, Tool.SMALL_BRUSH)
                            .says(Advice.FIRST_COAT_IS_TEST));
        }
    }
}
