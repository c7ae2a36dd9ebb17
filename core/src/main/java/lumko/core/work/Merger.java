package lumko.core.work;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.figure.Catalogue;
import lumko.core.practice.Practice;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;
import lumko.core.step.Caution;
import lumko.core.step.Step;
import lumko.core.step.StepKind;
import lumko.core.step.Task;
import lumko.core.step.Tool;
import lumko.core.step.Use;
import lumko.core.step.Wait;
import lumko.core.step.Within;

/** Collects the tasks of all surfaces and turns those of one kind and paint into one step, in the order of the practice. */
final class Merger {
    /** Where a task belongs: steps of one stage, kind and paint are one. */
    private record Place(StepKind.Stage stage, StepKind kind, String paint) {
        static Place of(StepKind kind, String paint) {
            return new Place(kind.stage(), kind, kind.isOfAPaint() ? paint : "");
        }

        /** Tape that comes off wet comes off right after the coat it waits for, paint by paint. */
        static Place of(Task task, String paint) {
            return task.kind() == StepKind.UNMASK && task.within().isPresent()
                    ? new Place(task.within().get().after().stage(), task.kind(), paint)
                    : of(task.kind(), paint);
        }
    }

    private final Map<Place, Part> parts = new LinkedHashMap<>();

    /** Adds a task done on a surface; the paint counts only for steps that put paint on. */
    void add(Task task, String surface, String paint) {
        part(Place.of(task, paint)).add(task, surface);
    }

    /** Minutes that a step of a paint takes once, however many surfaces it is done on. */
    void once(StepKind kind, String paint, double minutes) {
        Part part = part(Place.of(kind, paint));
        part.once = Math.max(part.once, minutes);
    }

    /** What a step of a paint uses up once, however many surfaces it is done on. */
    void once(StepKind kind, String paint, Use use) {
        part(Place.of(kind, paint)).useOnce = Optional.of(use);
    }

    void atLeast(StepKind kind, double minutes) {
        part(Place.of(kind, "")).least = minutes;
    }

    private Part part(Place place) {
        return parts.computeIfAbsent(place, Part::new);
    }

    List<Step> merged(Catalogue figures, Practice practice) {
        List<String> paints =
                parts.keySet().stream().map(Place::paint).distinct().toList();
        Sequence sequence = new Sequence(practice);
        Comparator<Part> order = Comparator.comparing((Part part) -> part.place.stage(), sequence.byStage())
                .thenComparing(
                        part -> part.place.stage() == StepKind.Stage.CLOSE ? 0 : paints.indexOf(part.place.paint()))
                .thenComparing(part -> part.place.kind(), sequence.byKind());
        return parts.values().stream()
                .sorted(order)
                .map(part -> part.step(figures))
                .toList();
    }

    List<String> surfaces() {
        Set<String> surfaces = new LinkedHashSet<>();
        parts.values().forEach(part -> surfaces.addAll(part.surfaces));
        return List.copyOf(surfaces);
    }

    private static final class Part {
        private final Place place;
        private final Set<String> surfaces = new LinkedHashSet<>();
        private final Map<Use, Volume> uses = new LinkedHashMap<>();
        private final Set<Tool> tools = EnumSet.noneOf(Tool.class);
        private final Set<Caution> cautions = EnumSet.noneOf(Caution.class);
        private final List<Wait> waits = new ArrayList<>();
        private Optional<Within> within = Optional.empty();
        private Optional<Use> useOnce = Optional.empty();
        private double minutes;
        private double once;
        private double least;
        private int places;
        private Area area = Area.ZERO;
        private Length edge = Length.ZERO;

        Part(Place place) {
            this.place = place;
        }

        void add(Task task, String surface) {
            surfaces.add(surface);
            minutes += task.minutes();
            places += task.places();
            area = area.plus(task.area());
            edge = edge.plus(task.edge());
            tools.addAll(task.tools());
            cautions.addAll(task.cautions());
            task.toDry().ifPresent(waits::add);
            task.within()
                    .filter(limit -> within.isEmpty()
                            || limit.time().compareTo(within.get().time()) < 0)
                    .ifPresent(limit -> within = Optional.of(limit));
            for (Use use : task.uses()) {
                uses.merge(new Use(use.material(), use.paint(), Volume.ZERO), use.volume(), Volume::plus);
            }
        }

        Step step(Catalogue figures) {
            useOnce.ifPresent(
                    use -> uses.merge(new Use(use.material(), use.paint(), Volume.ZERO), use.volume(), Volume::plus));
            Duration labour = Times.ofMinutes(Math.max(minutes + once, least));
            return new Step(
                    place.kind(),
                    List.copyOf(surfaces),
                    place.paint(),
                    places,
                    area,
                    edge,
                    labour,
                    tools,
                    uses.entrySet().stream()
                            .map(entry -> new Use(
                                    entry.getKey().material(), entry.getKey().paint(), entry.getValue()))
                            .toList(),
                    slowest(figures),
                    within,
                    cautions);
        }

        private Optional<Wait> slowest(Catalogue figures) {
            DryingModel model = new DryingModel(figures);
            return waits.stream().max(Comparator.comparing(wait -> wait.likely(Climate.REFERENCE, model)));
        }
    }
}
