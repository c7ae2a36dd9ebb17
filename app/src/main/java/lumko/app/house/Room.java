package lumko.app.house;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import lumko.app.catalogue.Colour;
import lumko.core.film.RoomLight;
import lumko.core.geometry.Opening;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;

/** A room with its surfaces: the walls in the order in which one turns to the right, then ceiling and trim. */
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

    public Surface only(SurfaceKind kind) {
        return surfaces.stream()
                .filter(surface -> surface.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    /** Metres of skirting: every wall but for what opens down to the floor. */
    public Length skirting() {
        double millimetres = walls().map(Surface::asWall)
                .mapToDouble(wall -> wall.width().inMillimetres()
                        - wall.openings().stream()
                                .filter(opening -> opening.box().bottom().inMillimetres() <= 0)
                                .mapToDouble(opening -> opening.box().width().inMillimetres())
                                .sum())
                .sum();
        return Length.ofMillimetres(millimetres);
    }

    public int doorSides() {
        return openings(Opening.Kind.DOOR);
    }

    public int windows() {
        return openings(Opening.Kind.WINDOW);
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
