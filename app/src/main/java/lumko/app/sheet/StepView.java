package lumko.app.sheet;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.catalogue.Paint;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.platform.Words;
import lumko.core.activity.Caution;
import lumko.core.activity.Use;
import lumko.core.figure.Catalogue;
import lumko.core.job.HowItIsDone;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import org.jspecify.annotations.Nullable;

/** The steps of a sheet put into words: what is done, where, with what, and its boxes to tick. */
public final class StepView {
    private final Sheet sheet;
    private final Catalogue figures;
    private final Words words;

    StepView(Sheet sheet, Catalogue figures, Words words) {
        this.sheet = sheet;
        this.figures = figures;
        this.words = words;
    }

    /** What is done: "Roll the walls, first coat". */
    public String title(SheetStep step) {
        return words.say(key(step, ""));
    }

    /**
     * A radiator is not told how skirting is brushed, as far as there are other words for it; where both are in one step neither is
     * named.
     */
    private String key(SheetStep step, String of) {
        String key = "step." + step.activity().kind().name();
        Set<Boolean> isFixture = step.activity().surfaces().stream()
                .map(id -> sheet.flat()
                        .surface(UUID.fromString(id))
                        .flatMap(Surface::fixture)
                        .isPresent())
                .collect(Collectors.toSet());
        String variant = isFixture.equals(Set.of(true)) ? ".fixture" : isFixture.equals(Set.of(false)) ? ".trim" : "";
        return words.knows(key + variant + of) ? key + variant + of : key + of;
    }

    /** How it is done, in a sentence or two. */
    public String how(SheetStep step) {
        String how = words.how(key(step, ".how"), sheet.flat().house().site().isWorkedWet(figures));
        String asHere = HowItIsDone.questions(step.activity().kind()).stream()
                .map(question -> words.name(sheet.practice().of(question)))
                .collect(Collectors.joining("; "));
        return asHere.isEmpty() ? how : how + " " + words.say("sheet.asHere", asHere);
    }

    /** By its colour; with its product too, where the sheet has that colour in two. */
    private String named(Paint paint) {
        boolean isAlone = sheet.paints().stream()
                        .filter(need -> need.paint().colour().equals(paint.colour()))
                        .count()
                == 1;
        return isAlone ? paint.colour().name() : paint.name();
    }

    private String paintName(Use use) {
        return sheet.paints().stream()
                .map(PaintNeed::paint)
                .filter(paint -> paint.key().equals(use.paint()))
                .findFirst()
                .map(this::named)
                .orElseGet(() -> words.name(use.material()));
    }

    /** What the steps of a coat are done in, where the sheet has several paints. */
    private String paint(SheetStep step) {
        return sheet.paints().size() < 2
                ? ""
                : sheet.paints().stream()
                        .map(PaintNeed::paint)
                        .filter(paint -> paint.key().equals(step.activity().paint()))
                        .findFirst()
                        .map(this::named)
                        .orElse("");
    }

    /** What a step took against what was planned. */
    public String taken(SheetStep step) {
        return step.taken()
                .map(taken -> words.say("sheet.taken", taken, step.activity().hand()))
                .orElse("");
    }

    /** Surfaces rolled in the rooms of a step at which one looks: another coat may be wanted on them. */
    public List<SheetWall> grinning(StepGroup group) {
        if (!group.first().activity().kind().isLooking() || !isNext(group)) {
            return List.of();
        }
        Set<String> rooms = group.left().stream()
                .flatMap(step -> step.activity().rooms().stream())
                .collect(Collectors.toSet());
        Set<String> rolled = sheet.steps().stream()
                .filter(step -> step.isTicked() && step.activity().kind().isRolling())
                .filter(step -> step.activity().rooms().stream().anyMatch(rooms::contains))
                .flatMap(step -> step.activity().surfaces().stream())
                .collect(Collectors.toSet());
        return sheet.walls().stream()
                .filter(wall -> rolled.contains(wall.surfaceId().toString()))
                .toList();
    }

    /** A place that may have been dug out. */
    public record Levelled(UUID mark, String label) {}

    /** Places that are being levelled: where one is dug out hollow, it is filled once more. */
    public List<Levelled> levelled(StepGroup group) {
        if (!group.first().activity().kind().isLevelling() || !isNext(group)) {
            return List.of();
        }
        Set<String> places = group.left().stream()
                .flatMap(step -> step.activity().places().stream())
                .collect(Collectors.toSet());
        return sheet.walls().stream()
                .flatMap(wall -> sheet.marksOn(wall.surfaceId()).stream()
                        .filter(mark -> places.contains(mark.id().toString()))
                        .map(mark -> new Levelled(mark.id(), wall.label() + " " + mark.number())))
                .toList();
    }

    /** The wall where more was found: that of the next step. */
    public String foundMore(SheetStep next) {
        String surface = next.activity().surfaces().stream()
                .filter(key -> sheet.flat()
                        .surface(UUID.fromString(key))
                        .filter(each -> each.wall().isPresent())
                        .isPresent())
                .findFirst()
                .orElseGet(() ->
                        sheet.flat().faces().findFirst().orElseThrow().id().toString());
        return "/walls/" + surface + "/walk";
    }

    /** What the button at the thumb ticks. */
    public String thumbTick(SheetStep next) {
        String where = sheet.flat().rooms().stream()
                .filter(room -> next.activity().rooms().contains(room.id().toString()))
                .map(Room::name)
                .collect(Collectors.joining(", "));
        return where.isEmpty() ? words.say("sheet.tickStep") : words.say("sheet.tickRoom", where);
    }

    // ---- asking

    public boolean isAsked(SheetStep step, @Nullable UUID asking) {
        return step.id().equals(asking);
    }

    public boolean isAsked(StepGroup group, @Nullable UUID asking) {
        return group.steps().stream().anyMatch(step -> isAsked(step, asking));
    }

    /** Whether what it waits for is shown at it: at the next step, and where somebody wanted to go on too early. */
    public boolean isWaiting(StepGroup group, SheetStep step, @Nullable UUID asking) {
        return sheet.isOpen() && step.waitsFor().isPresent() && (isNext(group) || isAsked(step, asking));
    }

    /** Where on the page the cautions of a step stand, as long as they have to be read; empty once they are. */
    public String cautionId(SheetStep step) {
        return step.unread().isEmpty() ? "" : "caution-" + index(step);
    }

    /** The same of a group: that of the first whose cautions have to be read. */
    public String cautionId(StepGroup group) {
        return group.left().stream()
                .map(this::cautionId)
                .filter(id -> !id.isEmpty())
                .findFirst()
                .orElse("");
    }

    /** As few steps of a group as need be by which all of its cautions are read: each is read once on a sheet. */
    public List<SheetStep> toRead(StepGroup group) {
        List<SheetStep> steps = new ArrayList<>(group.left());
        steps.sort(Comparator.comparingInt(step -> -step.unread().size()));
        Set<Caution> open = group.unread();
        steps.removeIf(step -> !open.removeAll(step.unread()));
        return steps;
    }

    public String readSpoken(SheetStep step) {
        return words.say("sheet.readSpoken", title(step), where(step));
    }

    // ---- now, next, later

    public List<StepGroup> groups() {
        return StepGroup.of(sheet.steps());
    }

    /** A step by itself, as the paper tells it. */
    public StepGroup alone(SheetStep step) {
        return new StepGroup(List.of(step));
    }

    public boolean isNext(StepGroup group) {
        return sheet.isOpen() && sheet.next().filter(group::has).isPresent();
    }

    /** What can be done while all that is left of the next step waits for something wet, if anything can. */
    public Optional<SheetStep> meanwhile(StepGroup group) {
        boolean waits = isNext(group) && group.left().stream().noneMatch(SheetStep::canBegin);
        return waits ? sheet.steps().stream().filter(SheetStep::canBegin).findFirst() : Optional.empty();
    }

    /** Whether a step is shown in one line until somebody opens it. */
    public boolean isLater(StepGroup group) {
        return sheet.isOpen() && !group.isDone() && !isNext(group);
    }

    /** In which paint, where there are several, and how much of it is left to do. */
    public String amount(StepGroup group) {
        List<String> parts = new ArrayList<>();
        if (!paint(group.first()).isEmpty()) {
            parts.add(paint(group.first()));
        }
        int places =
                group.left().stream().mapToInt(step -> step.activity().count()).sum();
        if (places > 0) {
            parts.add(words.say(places == 1 ? "sheet.place" : "sheet.places", places));
        }
        Area area = group.left().stream().map(step -> step.activity().area()).reduce(Area.ZERO, Area::plus);
        if (area.inSquareMetres() > 0) {
            parts.add(words.area(area));
        }
        Length edge = group.left().stream().map(step -> step.activity().edge()).reduce(Length.ZERO, Length::plus);
        if (edge.inMillimetres() > 0) {
            parts.add(words.run(edge));
        }
        return String.join(" · ", parts);
    }

    /** Where it is left to do: on which surfaces, or in which rooms. */
    public String where(StepGroup group) {
        if (group.first().activity().kind().isOfTheVisit()) {
            return "";
        }
        return group.left().stream()
                .map(this::where)
                .filter(where -> !where.isEmpty())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    public String uses(StepGroup group) {
        Map<String, Volume> sums = new LinkedHashMap<>();
        for (SheetStep step : group.left()) {
            for (Use use : step.activity().uses()) {
                sums.merge(
                        use.material().isPaint() ? paintName(use) : words.name(use.material()),
                        use.volume(),
                        Volume::plus);
            }
        }
        return sums.entrySet().stream()
                .map(use -> words.volume(use.getValue()) + " " + use.getKey())
                .collect(Collectors.joining(" · "));
    }

    public String tools(StepGroup group) {
        return group.steps().stream()
                .flatMap(step -> step.activity().tools().stream())
                .distinct()
                .sorted()
                .map(words::name)
                .collect(Collectors.joining(", "));
    }

    public List<String> says(StepGroup group) {
        return group.steps().stream()
                .flatMap(step -> step.activity().says().stream())
                .distinct()
                .map(words::name)
                .toList();
    }

    public List<StepPlaces> places(StepGroup group) {
        return group.left().stream().flatMap(step -> places(step).stream()).toList();
    }

    /** Cautions in a few words, once they have been read. */
    public String cautionWords(StepGroup group) {
        return group.steps().stream()
                .flatMap(step -> step.activity().cautions().stream())
                .distinct()
                .sorted()
                .map(caution -> words.say("cautionWord." + caution.name()))
                .collect(Collectors.joining(" · "));
    }

    /** The place of a step on the sheet, from 0. */
    public int index(SheetStep step) {
        return sheet.steps().indexOf(step);
    }

    /** What a tick box is for: the room, where there are several; else that it is done. */
    public String tickLabel(StepGroup group, SheetStep step) {
        return group.isSeveral() ? where(step) : words.say("sheet.tick");
    }

    /** Who ticked it and when, or how long it takes. */
    public String tickState(SheetStep step, Instant now) {
        return step.tick()
                .map(tick -> words.say("sheet.tickedBy", tick.by(), words.moment(tick.at(), now)))
                .orElseGet(() -> words.work(step.activity().hand()));
    }

    public String tickSpoken(SheetStep step) {
        return words.say(step.isTicked() ? "sheet.untickSpoken" : "sheet.tickSpoken", title(step), where(step));
    }

    /** How it was done: how long it took, and why it was done early. */
    public String doneHow(SheetStep step) {
        return Stream.concat(
                        Stream.of(taken(step)).filter(taken -> !taken.isEmpty()),
                        step
                                .tick()
                                .flatMap(SheetStep.Tick::earlyWhy)
                                .map(why -> words.say("sheet.early", why))
                                .stream())
                .collect(Collectors.joining(" · "));
    }

    public String tickUrl(SheetStep step) {
        return "/steps/" + step.id() + (step.isTicked() ? "/untick" : "/tick");
    }

    /** Its marked places, surface by surface. */
    public List<StepPlaces> places(SheetStep step) {
        return StepPlaces.of(step, sheet, words);
    }

    /** Where it is done: on which surfaces, or in which room. */
    public String where(SheetStep step) {
        if (step.labels().isEmpty()) {
            return sheet.flat().rooms().stream()
                    .filter(room -> step.activity().rooms().contains(room.id().toString()))
                    .map(Room::name)
                    .collect(Collectors.joining(", "));
        }
        return step.labels().size() == sheet.walls().size() && sheet.walls().size() > 1
                ? words.say("sheet.allWalls")
                : inOneBreath(step.labels());
    }

    public String moment(Instant instant) {
        return words.moment(instant, Instant.EPOCH);
    }

    /** Bedroom A, Bedroom B, Hall C as one says them: Bedroom A, B, Hall C. */
    private static String inOneBreath(List<String> labels) {
        StringBuilder said = new StringBuilder();
        String room = "";
        for (String label : labels) {
            int space = label.lastIndexOf(' ');
            String in = space > 0 ? label.substring(0, space) : label;
            said.append(said.isEmpty() ? "" : ", ").append(in.equals(room) ? label.substring(space + 1) : label);
            room = in;
        }
        return said.toString();
    }
}
