package lumko.app.plan;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.figure.Figures;
import lumko.app.house.Houses;
import lumko.app.plan.PlanView.Line;
import lumko.app.plan.PlanView.Offer;
import lumko.app.plan.PlanView.Person;
import lumko.app.plan.Strokes.Together;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.sheet.Sheets;
import lumko.core.quantity.Volume;
import lumko.core.schedule.Shift;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays out the plan in force, and what is offered in its place. */
@Service
@Transactional(readOnly = true)
class PlanDesk {
    private static final String[] DASHES = {"", "7 4", "2 4", "10 3 2 3", "14 4", "4 2"};
    /** Of a house that never works: the day is drawn all the same. */
    private static final Shift NO_HOURS = new Shift(LocalTime.of(8, 0), LocalTime.of(16, 0));

    private static final int MONTH_DAYS = 28;

    private final PlanRows rows;
    private final SearchRepository searches;
    private final Houses houses;
    private final Sheets sheets;
    private final People people;
    private final Figures figures;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    PlanDesk(
            PlanRows rows,
            SearchRepository searches,
            Houses houses,
            Sheets sheets,
            People people,
            Figures figures,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.rows = rows;
        this.searches = searches;
        this.houses = houses;
        this.sheets = sheets;
        this.people = people;
        this.figures = figures;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    /** How much time is drawn, and how large. */
    enum Zoom {
        WEEK(5, 34),
        FORTNIGHT(10, 15),
        MONTH(22, 7);

        private final int days;
        private final double hour;

        Zoom(int days, double hour) {
            this.days = days;
            this.hour = hour;
        }

        /** Workdays that are drawn. */
        int days() {
            return days;
        }

        /** How high an hour of work is. */
        double hour() {
            return hour;
        }
    }

    /**
     * @param chosen the flat whose story is told; else the one that is latest
     * @param offer the offer to draw over what is in force
     * @param from the flat from which on they are drawn, counted from 0 in the order in which they are due; else where the chosen is
     */
    PlanView view(Zoom zoom, Optional<UUID> chosen, Optional<UUID> offer, Optional<Integer> from) {
        return new Laying(zoom, chosen, offer).view(from);
    }

    /** The same as the drawing, line by line. */
    List<Line> lines(Zoom zoom, Optional<UUID> offer) {
        return new Laying(zoom, Optional.empty(), offer).lines();
    }

    /**
     * The last search.
     *
     * @param isWatched whether somebody has been waiting for its end on a page made before
     */
    Optional<PlanView.Search> search(boolean isWatched) {
        Words words = speaker.words();
        return searches.findFirstByOrderByAskedAtDesc()
                .map(search -> new PlanView.Search(
                        search.endedAt == null,
                        search.percent,
                        search.state == SearchRow.State.FAILED ? words.say("plan.broke." + search.problem) : "",
                        isWatched && search.state == SearchRow.State.DONE));
    }

    boolean mayTake() {
        return access.member().isLead();
    }

    /** One page in the making. */
    private final class Laying {
        private final Zoom zoom;
        private final Words words = speaker.words();
        private final Instant now = clock.instant();
        private final LocalDate today = speaker.today();
        private final Optional<PlanRow> inForce = rows.inForce();
        private final List<PlanRow> offered = rows.offered();
        private final Map<UUID, Person> personOf = new LinkedHashMap<>();
        private final Optional<PlanRow> shown;
        private final Optional<PlanRow> drawn;
        private final List<PieceRow> drawnPieces;
        private final Map<UUID, PlannedFlatRow> standing;
        private final Done done;
        private final Set<String> settled;
        private final Optional<UUID> chosen;
        private final PlanSpeech speech;

        Laying(Zoom zoom, Optional<UUID> wanted, Optional<UUID> offer) {
            this.zoom = zoom;
            Set<String> letters = new HashSet<>();
            for (People.Colleague each : people.all()) {
                if (each.active() && each.role() != Role.OFFICE) {
                    String letter = shortest(each.name(), letters);
                    personOf.put(
                            each.id(),
                            new Person(each.id(), letter, each.name(), DASHES[personOf.size() % DASHES.length]));
                }
            }
            shown = offer.flatMap(id -> offered.stream()
                            .filter(plan -> plan.id().equals(id))
                            .findFirst())
                    .or(() -> inForce.isPresent()
                            ? Optional.empty()
                            : offered.stream().findFirst());
            drawn = inForce.or(() -> shown);
            standing = drawn.map(rows::flats).orElse(List.of()).stream()
                    .collect(Collectors.toMap(row -> row.flatId, row -> row));
            drawnPieces = drawn.map(this::piecesOf).orElse(List.of());
            done = Done.of(drawnPieces, sheets);
            settled = rows.locks().keySet();
            chosen = wanted.filter(standing::containsKey).or(this::latest);
            speech = new PlanSpeech(
                    words,
                    now,
                    houses.doors(Stream.concat(
                                    standing.keySet().stream(), shown.stream().flatMap(this::flatsOf))
                            .toList()),
                    personOf);
        }

        /** A flat that was finished or let since the plan was made has no column any more, nor work. */
        private List<PieceRow> piecesOf(PlanRow plan) {
            return rows.pieces(plan).stream()
                    .filter(piece -> standing.containsKey(piece.flatId))
                    .toList();
        }

        private Stream<UUID> flatsOf(PlanRow plan) {
            return rows.flats(plan).stream().map(row -> row.flatId);
        }

        private static String shortest(String name, Set<String> taken) {
            for (int i = 1; i <= name.length(); i++) {
                String letters = name.substring(0, i);
                if (taken.add(letters)) {
                    return letters;
                }
            }
            return name;
        }

        private Optional<UUID> latest() {
            return standing.values().stream()
                    .filter(row -> row.dueAt != null)
                    .max(Comparator.comparing(PlannedFlatRow::lateBy)
                            .thenComparing(row -> row.dueAt, Comparator.reverseOrder()))
                    .map(row -> row.flatId);
        }

        /** What is looked at over the plan in force. */
        private List<PieceRow> looked() {
            return shown.filter(plan -> inForce.isPresent()).map(this::piecesOf).orElse(List.of());
        }

        PlanView view(Optional<Integer> from) {
            List<Together> strokes = Strokes.of(drawnPieces);
            return new PlanView(
                    new PlanDrawing(
                                    zoom,
                                    words,
                                    now,
                                    today,
                                    personOf,
                                    drawnPieces,
                                    standing,
                                    done,
                                    settled,
                                    chosen,
                                    from,
                                    speech)
                            .drawing(
                                    strokes,
                                    looked(),
                                    Shift.wholeDay(figures.catalogue()).orElse(NO_HOURS)),
                    chosen.map(standing::get).filter(Objects::nonNull).map(story()::of),
                    offered.stream().map(this::offer).toList(),
                    shown.map(PlanRow::id),
                    search(false),
                    drawn.isEmpty(),
                    inForce.isPresent(),
                    mayTake(),
                    mayTake() && inForce.filter(plan -> plan.baseId != null).isPresent(),
                    List.copyOf(personOf.values()),
                    loads(),
                    month());
        }

        /** Hours of work that the plan has for everybody in the next seven days and four weeks. */
        private List<PlanView.Load> loads() {
            return personOf.values().stream()
                    .map(person -> new PlanView.Load(
                            person.name(), words.work(work(person.id(), 7)), words.work(work(person.id(), MONTH_DAYS))))
                    .toList();
        }

        private Duration work(UUID person, int days) {
            return Duration.ofMinutes(drawnPieces.stream()
                    .filter(piece -> piece.personId.equals(person) && isAhead(piece, days))
                    .mapToInt(piece -> piece.minutes)
                    .sum());
        }

        /** What the next four weeks come to: days of painters, and the paint of the sheets that stand open. */
        private String month() {
            List<PieceRow> ahead = drawnPieces.stream()
                    .filter(piece -> isAhead(piece, MONTH_DAYS))
                    .toList();
            long days = ahead.stream()
                    .map(piece -> piece.personId + "/" + speech.day(piece.beginsAt))
                    .distinct()
                    .count();
            Map<UUID, Volume> paint = sheets.paint(ahead.stream()
                    .map(piece -> piece.stepId)
                    .filter(Objects::nonNull)
                    .distinct()
                    .toList());
            double litres = ahead.stream()
                    .filter(piece -> piece.stepId != null && paint.containsKey(piece.stepId))
                    .mapToDouble(piece ->
                            paint.getOrDefault(piece.stepId, Volume.ZERO).inLitres() / piece.parts)
                    .sum();
            return words.say("plan.monthSum", days, Volume.ofLitres(litres));
        }

        private boolean isAhead(PieceRow piece, int days) {
            Instant until = today.plusDays(days).atStartOfDay(words.zone()).toInstant();
            return piece.beginsAt.isBefore(until) && piece.endsAt().isAfter(now) && !done.contains(piece);
        }

        private PlanStory story() {
            return new PlanStory(rows, houses, people.names(), words, now, speech, drawnPieces, inForce);
        }

        List<Line> lines() {
            Instant end = today.plusDays(zoom.days * 7L / 5 + 2)
                    .atStartOfDay(words.zone())
                    .toInstant();
            return Strokes.of(drawnPieces).stream()
                    .filter(stroke ->
                            stroke.to().isAfter(today.atStartOfDay(words.zone()).toInstant())
                                    && stroke.from().isBefore(end))
                    .map(stroke -> new Line(
                            stroke.pieces().getFirst().key,
                            stroke.flatId(),
                            words.day(speech.day(stroke.from())),
                            words.clock(stroke.from()),
                            words.clock(stroke.to()),
                            speech.name(stroke.personId()),
                            speech.flat(stroke.flatId()),
                            speech.what(stroke),
                            stroke.dry().isAfter(stroke.to()) ? words.moment(stroke.dry(), now) : "",
                            done.containsAll(stroke.pieces()),
                            stroke.pieces().stream().anyMatch(piece -> settled.contains(piece.key))))
                    .toList();
        }

        private Offer offer(PlanRow plan) {
            return new Offer(
                    plan.id(),
                    words.say("manner." + plan.manner),
                    plan.baseId == null
                            ? words.say("plan.first")
                            : words.say(plan.changes == 1 ? "plan.changesOne" : "plan.changes", plan.changes),
                    plan.lateFlats == 0
                            ? words.say("plan.nothingLate")
                            : words.say(
                                    plan.lateFlats == 1 ? "plan.lateFlatsOne" : "plan.lateFlats",
                                    plan.lateFlats,
                                    words.duration(Duration.ofMinutes(plan.lateMin))),
                    words.say("plan.painterDays", plan.painterDays),
                    shown.filter(plan::equals).isPresent(),
                    shown.filter(plan::equals).isPresent() && inForce.isPresent() ? effects(plan) : List.of());
        }

        /** What an offer does to the flats, those first that it moves most. */
        private List<String> effects(PlanRow plan) {
            return rows.flats(plan).stream()
                    .filter(row -> standing.containsKey(row.flatId))
                    .sorted(Comparator.comparing(
                                    (PlannedFlatRow row) -> moved(row).abs())
                            .reversed())
                    .filter(row -> moved(row).abs().toMinutes() >= 15)
                    .limit(6)
                    .map(row -> words.say(
                            moved(row).isNegative() ? "plan.sooner" : "plan.later",
                            speech.flat(row.flatId),
                            words.duration(moved(row).abs())))
                    .toList();
        }

        private Duration moved(PlannedFlatRow row) {
            return Duration.between(Objects.requireNonNull(standing.get(row.flatId)).readyAt, row.readyAt);
        }
    }
}
