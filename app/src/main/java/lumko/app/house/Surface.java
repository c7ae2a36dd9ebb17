package lumko.app.house;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.app.catalogue.PaintKind;
import lumko.app.platform.Words;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Fixture;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WindowLight;
import lumko.core.job.FittingWay;
import lumko.core.record.Raw;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;

/**
 * A painted surface with its layers, oldest first.
 *
 * @param label A, B, C … for walls in order
 * @param wall its geometry, for walls and ceilings
 * @param label the letter of a wall, or what a fixture is called
 * @param wall empty for trim and fixtures
 * @param goneOn since when a fixture is not there any more
 * @param fitted what is fixed to it, for walls and ceilings
 * @param light how daylight meets it, for walls and ceilings
 */
public record Surface(
        UUID id,
        SurfaceKind kind,
        String label,
        Substrate substrate,
        Optional<Wall> wall,
        List<Fitted> fitted,
        Optional<Fixture> fixture,
        Optional<LocalDate> goneOn,
        WindowLight light,
        List<Coat> coats) {
    /**
     * A fitting as it stands on record.
     *
     * @param way how this one is got out of the way, if not as the house does it
     */
    public record Fitted(UUID id, Fitting fitting, Optional<FittingWay.Way> way) {
        /** A radiator is neither scraped nor taken off by one hand, so its ways have names of their own. */
        public static String called(FittingWay.Way way, Fitting.Kind of, Words words) {
            return of == Fitting.Kind.RADIATOR ? words.say("Way.RADIATOR." + way.name()) : words.name(way);
        }
    }

    /** @throws java.util.NoSuchElementException for trim and fixtures */
    public Wall asWall() {
        return wall.orElseThrow();
    }

    public boolean isWall() {
        return kind == SurfaceKind.WALL;
    }

    public boolean isCeiling() {
        return kind == SurfaceKind.CEILING;
    }

    /** As one calls it within its room: A, ceiling, hall door. */
    public String called(Words words) {
        if (isWall()) {
            return label;
        }
        return fixture.map(is -> label.isEmpty() ? words.name(is.kind()) : label)
                .orElseGet(() -> words.name(kind));
    }

    /** Whether what holds for one of them holds for the other: walls, ceilings, the trim of rooms, radiators that are still there. */
    public boolean isLike(Surface other) {
        return kind == other.kind
                && fixture.map(Fixture::kind).equals(other.fixture.map(Fixture::kind))
                && goneOn.isEmpty();
    }

    /** Whether it is brushed: trim, or a fixture. */
    public boolean isBrushed() {
        return kind == SurfaceKind.TRIM || kind == SurfaceKind.FIXTURE;
    }

    /** The coat that one sees: the last that covers the whole surface. */
    public Optional<Coat> topCoat() {
        return coats.stream().filter(coat -> coat.layer().isSeen()).max(Comparator.comparingInt(Coat::position));
    }

    /** The colour that one sees, as a screen shows it: #rrggbb, or nothing where none is on record. */
    public String fill() {
        return topCoat()
                .flatMap(Coat::colour)
                .map(colour -> colour.screen().hex())
                .orElse("");
    }

    /** Whether a paint of this kind is made for such a surface; wall paint is used on ceilings too, ceiling paint never on walls. */
    public boolean suits(PaintKind paint) {
        return switch (kind) {
            case WALL -> paint == PaintKind.WALL;
            case CEILING -> paint == PaintKind.CEILING || paint == PaintKind.WALL;
            case TRIM, FIXTURE -> paint == PaintKind.TRIM;
        };
    }

    /** The same surface with something else on it. */
    public Surface with(Substrate other, List<Coat> others) {
        return new Surface(id, kind, label, other, wall, fitted, fixture, goneOn, light, others);
    }

    /** The same surface with nothing on it yet. */
    public Surface raw(Raw raw, Optional<LocalDate> since) {
        return with(raw.substrate(substrate), List.of(Coat.plain(raw.layer(), since)));
    }

    /** The same surface in its light. */
    Surface lit(WindowLight by) {
        return new Surface(id, kind, label, substrate, wall, fitted, fixture, goneOn, by, coats);
    }

    /** What is on it on a day, layer by layer. */
    public Stack stack(LocalDate today) {
        return new Stack(
                substrate,
                coats.stream()
                        .sorted(Comparator.comparingInt(Coat::position))
                        .map(coat -> coat.onDay(today))
                        .toList());
    }
}
