package lumko.app.house;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import lumko.app.catalogue.Colour;
import lumko.core.film.RoomLight;
import lumko.core.geometry.Fixture;
import lumko.core.geometry.Opening;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;

/** A room with its surfaces: the walls in the order in which one turns to the right, then ceiling, trim and fixtures. */
public record Room(
        UUID id,
        String name,
        RoomKind kind,
        Length height,
        Outline outline,
        lumko.core.job.Room.Floor floor,
        List<Surface> surfaces) {
    public Stream<Surface> walls() {
        return surfaces.stream().filter(surface -> surface.kind() == SurfaceKind.WALL);
    }

    /** Doors, radiators and other fixtures with paint of their own, as long as they are there. */
    public List<Surface> fixtures() {
        return surfaces.stream()
                .filter(surface ->
                        surface.fixture().isPresent() && surface.goneOn().isEmpty())
                .toList();
    }

    /** What is brushed in it: its trim, then its fixtures. */
    public Stream<Surface> brushed() {
        return Stream.concat(Stream.of(only(SurfaceKind.TRIM)), fixtures().stream());
    }

    /** The surface of a kind of which a room has one: its ceiling, its trim. */
    public Surface only(SurfaceKind kind) {
        return surfaces.stream()
                .filter(surface -> surface.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    /** Metres of skirting: the foot of every wall but for what opens down to it. */
    public Length skirting() {
        double millimetres = walls().map(Surface::asWall)
                .mapToDouble(wall -> wall.foot().length().inMillimetres()
                        - wall.openings().stream()
                                .filter(opening -> wall.standsAtFoot(opening.box()))
                                .mapToDouble(opening -> opening.box().width().inMillimetres())
                                .sum())
                .sum();
        return Length.ofMillimetres(millimetres);
    }

    /** Sides of doors that belong to its trim: those that have no paint of their own. */
    public int doorSides() {
        return Math.max(0, openings(Opening.Kind.DOOR) - (int) fixtures(Fixture.Kind.DOOR));
    }

    /** Windows that belong to its trim. */
    public int windows() {
        return Math.max(0, openings(Opening.Kind.WINDOW) - (int) fixtures(Fixture.Kind.WINDOW));
    }

    private long fixtures(Fixture.Kind kind) {
        return fixtures().stream()
                .filter(surface ->
                        surface.fixture().filter(is -> is.kind() == kind).isPresent())
                .count();
    }

    private int openings(Opening.Kind kind) {
        return (int) walls().flatMap(wall -> wall.asWall().openings().stream())
                .filter(opening -> opening.kind() == kind)
                .count();
    }

    public Area wallArea() {
        return walls().map(wall -> wall.asWall().paintedArea()).reduce(Area.ZERO, Area::plus);
    }

    /** Whether the colour of every surface is on record but that of its trim, which hardly counts. */
    public boolean isLightKnown() {
        return surfaces().stream()
                .filter(surface -> surface.wall().isPresent())
                .allMatch(surface -> surface.topCoat().flatMap(Coat::colour).isPresent());
    }

    /** How light the room is by its record. */
    public RoomLight light() {
        return light(surface -> surface.topCoat().flatMap(Coat::colour));
    }

    /**
     * How light the room is with a colour on each surface; a surface nobody knows counts as an even middle grey.
     *
     * @param colourOf the colour that is or would be on a surface
     */
    public RoomLight light(Function<Surface, Optional<Colour>> colourOf) {
        List<RoomLight.Part> parts = new ArrayList<>();
        surfaces().stream()
                .filter(surface -> surface.wall().isPresent())
                .forEach(surface -> parts.add(new RoomLight.Part(
                        surface.asWall().paintedArea(),
                        colourOf.apply(surface)
                                .map(colour -> colour.lrv() / 100)
                                .orElse(RoomLight.UNKNOWN))));
        parts.add(new RoomLight.Part(outline().floorArea(), RoomLight.FLOOR));
        return RoomLight.of(parts);
    }
}
