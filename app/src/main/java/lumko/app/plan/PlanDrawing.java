package lumko.app.plan;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.house.Houses;
import lumko.app.plan.PlanView.Column;
import lumko.app.plan.PlanView.Drawing;
import lumko.app.plan.PlanView.Person;
import lumko.app.plan.PlanView.Stroke;
import lumko.app.plan.Strokes.Together;
import lumko.app.platform.Words;
import lumko.core.schedule.Shift;

/** Lays the plan out as it is drawn: time down, flats beside each other, a stroke for each stay. */
record PlanDrawing(
        PlanDesk.Zoom zoom,
        Words words,
        Instant now,
        LocalDate today,
        Map<UUID, Person> personOf,
        List<PieceRow> drawnPieces,
        Map<UUID, PlannedFlatRow> standing,
        Done done,
        Set<String> settled,
        Optional<UUID> chosen,
        Optional<Integer> from,
        PlanSpeech speech) {
    /** Flats that are drawn beside each other; more are neither read at a glance nor sent. */
    private static final int MOST_COLUMNS = 40;

    private static final double LEFT = 86;
    private static final double LANE = 52;
    private static final double STROKE = 46;
    private static final double BETWEEN = 20;
    private static final int MOST_LANES = 3;
    private static final double WORD_FROM = 8.5;

    /** Which flats are drawn: from the one on that was asked for, else those among which the chosen one is. */
    private int first(List<UUID> order) {
        int wanted = from.orElseGet(() -> chosen.map(order::indexOf).orElse(0));
        int last = Math.max(0, order.size() - 1);
        return Math.clamp(wanted, 0, last) / MOST_COLUMNS * MOST_COLUMNS;
    }

    /**
     * @param looked the pieces of an offer that is looked at, drawn as a ghost over what is
     */
    Drawing drawing(List<Together> strokes, List<PieceRow> looked, Shift hours) {
        Set<LocalDate> worked =
                drawnPieces.stream().map(piece -> speech.day(piece.beginsAt)).collect(Collectors.toSet());
        boolean isOver = LocalTime.ofInstant(now, words.zone()).isAfter(hours.to());
        TimeScale scale = new TimeScale(
                isOver ? today.plusDays(1) : today, zoom.days(), worked, hours, words.zone(), zoom.hour());
        List<UUID> all = standing.values().stream()
                .sorted(Comparator.comparing((PlannedFlatRow row) -> row.dueAt == null)
                        .thenComparing(row -> Optional.ofNullable(row.dueAt).orElse(row.readyAt))
                        .thenComparing(row -> row.flatId))
                .map(row -> row.flatId)
                .toList();
        int first = first(all);
        List<UUID> order = all.subList(first, Math.min(all.size(), first + MOST_COLUMNS));
        Set<UUID> isDrawn = Set.copyOf(order);
        List<Together> visible = strokes.stream()
                .filter(stroke -> isDrawn.contains(stroke.flatId()) && scale.shows(stroke.from(), stroke.dry()))
                .toList();
        Map<UUID, Integer> lanes = new HashMap<>();
        Map<Together, Integer> laneOf = lanes(visible, scale, lanes);
        Map<UUID, Double> xOf = new HashMap<>();
        Map<UUID, Double> widthOf = new HashMap<>();
        double x = LEFT;
        for (UUID flat : order) {
            double width = Math.max(2, lanes.getOrDefault(flat, 1)) * LANE + BETWEEN - 8;
            xOf.put(flat, x);
            widthOf.put(flat, width);
            x += width;
        }
        Set<String> chain = chosen.map(standing::get).map(this::keysOfChain).orElse(Set.of());
        List<Stroke> drawnStrokes = visible.stream()
                .map(stroke -> stroke(stroke, scale, xOf, laneOf.getOrDefault(stroke, 0), chain))
                .toList();
        List<Stroke> ghosts = ghosts(
                looked.stream().filter(piece -> isDrawn.contains(piece.flatId)).toList(), scale, xOf);
        List<PlanView.Day> days = new ArrayList<>();
        List<PlanView.Band> bands = new ArrayList<>();
        List<PlanView.Hour> ticks = new ArrayList<>();
        for (TimeScale.Stretch stretch : scale.stretches()) {
            if (stretch.isBand()) {
                boolean isLong = Duration.between(stretch.from(), stretch.to()).toHours() > 30;
                bands.add(new PlanView.Band(
                        stretch.y(), stretch.height(), words.say(isLong ? "plan.weekend" : "plan.night")));
            } else {
                days.add(new PlanView.Day(words.day(stretch.day()), stretch.y()));
                ticks.addAll(hours(stretch));
            }
        }
        boolean isNow = scale.shows(now, now.plusSeconds(1));
        return new Drawing(
                x + 10,
                scale.height(),
                PlanView.Part.of(first, MOST_COLUMNS, all.size()),
                order.stream()
                        .map(flat -> column(
                                Objects.requireNonNull(standing.get(flat)),
                                scale,
                                xOf.getOrDefault(flat, 0.0),
                                widthOf.getOrDefault(flat, 0.0)))
                        .toList(),
                days,
                bands,
                ticks,
                drawnStrokes,
                ghosts,
                ways(visible, drawnStrokes),
                isNow ? Optional.of(scale.at(now)) : Optional.empty(),
                words.clock(now),
                Kept.write(scale.stretches().stream()
                        .map(stretch -> Map.of(
                                "y", stretch.y(),
                                "height", stretch.height(),
                                "from", stretch.from().toEpochMilli(),
                                "to", stretch.to().toEpochMilli()))
                        .toList()));
    }

    private List<PlanView.Hour> hours(TimeScale.Stretch stretch) {
        List<PlanView.Hour> hours = new ArrayList<>();
        int step = zoom == PlanDesk.Zoom.WEEK ? 2 : 4;
        for (int hour = 0; hour < 24 && zoom != PlanDesk.Zoom.MONTH; hour += step) {
            Instant at = stretch.day().atTime(hour, 0).atZone(words.zone()).toInstant();
            if (at.isAfter(stretch.from().plusSeconds(3500)) && at.isBefore(stretch.to())) {
                hours.add(new PlanView.Hour(words.clock(at), stretch.at(at)));
            }
        }
        return hours;
    }

    /** Strokes and what they leave wet do not lie on each other as long as there are lanes. */
    private Map<Together, Integer> lanes(List<Together> visible, TimeScale scale, Map<UUID, Integer> count) {
        Map<Together, Integer> laneOf = new HashMap<>();
        Map<UUID, double[]> until = new HashMap<>();
        for (Together stroke : visible) {
            double[] free = until.computeIfAbsent(stroke.flatId(), flat -> new double[MOST_LANES]);
            double y = scale.at(stroke.from());
            int lane = 0;
            for (int i = 0; i < MOST_LANES; i++) {
                if (free[i] <= y + 0.5) {
                    lane = i;
                    break;
                }
                lane = free[i] < free[lane] ? i : lane;
            }
            free[lane] = scale.at(stroke.to()) + 1;
            laneOf.put(stroke, lane);
            count.merge(stroke.flatId(), lane + 1, Math::max);
        }
        return laneOf;
    }

    private Stroke stroke(Together stroke, TimeScale scale, Map<UUID, Double> xOf, int lane, Set<String> chain) {
        double y = scale.at(stroke.from());
        double end = scale.at(stroke.to());
        double dry = scale.at(stroke.dry());
        return new Stroke(
                stroke.pieces().getFirst().key,
                stroke.flatId(),
                xOf.getOrDefault(stroke.flatId(), 0.0) + 8 + lane * LANE,
                y,
                STROKE,
                Math.max(3, end - y),
                Math.max(0, dry - end),
                speech.letter(stroke.personId()),
                end - y >= WORD_FROM ? speech.word(stroke.kind()) : "",
                speech.title(stroke),
                done.containsAll(stroke.pieces()),
                stroke.pieces().stream().anyMatch(piece -> chain.contains(piece.beginsAt + piece.kind)),
                stroke.pieces().stream().anyMatch(piece -> settled.contains(piece.key)),
                stroke.pieces().getFirst().stepId == null);
    }

    private Set<String> keysOfChain(PlannedFlatRow row) {
        return Kept.chain(row.chain).stream()
                .map(held -> held.beginsAt() + held.kind())
                .collect(Collectors.toSet());
    }

    private List<Stroke> ghosts(List<PieceRow> looked, TimeScale scale, Map<UUID, Double> xOf) {
        Set<String> same = drawnPieces.stream()
                .map(piece -> piece.key + piece.personId + piece.beginsAt)
                .collect(Collectors.toSet());
        List<PieceRow> moved = looked.stream()
                .filter(piece -> !same.contains(piece.key + piece.personId + piece.beginsAt))
                .toList();
        List<Together> strokes = Strokes.of(moved).stream()
                .filter(stroke -> scale.shows(stroke.from(), stroke.to()))
                .toList();
        Map<Together, Integer> laneOf = lanes(strokes, scale, new HashMap<>());
        return strokes.stream()
                .map(stroke -> stroke(stroke, scale, xOf, laneOf.getOrDefault(stroke, 0), Set.of()))
                .toList();
    }

    private List<PlanView.Way> ways(List<Together> strokes, List<Stroke> drawnStrokes) {
        Map<UUID, StringBuilder> points = new LinkedHashMap<>();
        for (int i = 0; i < strokes.size(); i++) {
            Stroke stroke = drawnStrokes.get(i);
            double middle = stroke.x() + stroke.width() / 2;
            points.computeIfAbsent(strokes.get(i).personId(), person -> new StringBuilder())
                    .append(Math.round(middle))
                    .append(',')
                    .append(Math.round(stroke.y()))
                    .append(' ')
                    .append(Math.round(middle))
                    .append(',')
                    .append(Math.round(stroke.y() + stroke.height()))
                    .append(' ');
        }
        return points.entrySet().stream()
                .map(way -> new PlanView.Way(
                        speech.letter(way.getKey()),
                        way.getValue().toString().strip(),
                        Optional.ofNullable(personOf.get(way.getKey()))
                                .map(Person::dash)
                                .orElse("")))
                .toList();
    }

    private Column column(PlannedFlatRow row, TimeScale scale, double x, double width) {
        Optional<Instant> due = Optional.ofNullable(row.dueAt);
        boolean isLate = !row.lateBy().isZero();
        Houses.Door door = Objects.requireNonNull(speech.doors().get(row.flatId));
        return new Column(
                row.flatId,
                door.house().name(),
                door.number(),
                due.map(moment -> words.day(speech.day(moment))).orElse(""),
                x,
                width,
                chosen.filter(row.flatId::equals).isPresent(),
                isLate,
                isLate ? words.say("plan.lateBy", words.duration(row.lateBy())) : "",
                due.filter(moment -> scale.shows(moment, moment.plusSeconds(1))).map(scale::at),
                scale.shows(row.readyAt, row.readyAt.plusSeconds(1))
                        ? Optional.of(scale.at(row.readyAt))
                        : Optional.empty(),
                scale.shows(row.readyAt, row.curedAt) ? Optional.of(scale.at(row.curedAt)) : Optional.empty(),
                speech.heading(row));
    }
}
