package lumko.app.house;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.core.geometry.Ends;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Opening;
import lumko.core.geometry.Outline;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WindowLight;
import lumko.core.quantity.Length;

/** Rooms put together of the rows that they are kept in. */
final class Rooms {
    private Rooms() {}

    /** With its walls lit as they stand to each other. */
    static Room room(
            RoomRow row,
            List<SurfaceRow> surfaceRows,
            Map<UUID, List<WallFeatureRow>> featuresOf,
            Map<UUID, List<Coat>> coatsOf) {
        List<SurfaceRow> wallRows = surfaceRows.stream()
                .filter(surface -> surface.kind == SurfaceKind.WALL)
                .sorted(Comparator.comparingInt(surface -> surface.position))
                .toList();
        Outline outline = new Outline(wallRows.stream()
                .map(wall -> Outline.Corner.ofMillimetres(
                        Optional.ofNullable(wall.startEastMillimetres).orElseThrow(),
                        Optional.ofNullable(wall.startNorthMillimetres).orElseThrow()))
                .toList());
        Length height = Length.ofMillimetres(row.heightMillimetres);
        List<Surface> walls = new ArrayList<>();
        for (int side = 0; side < wallRows.size(); side++) {
            SurfaceRow wallRow = wallRows.get(side);
            Wall wall = wall(
                    outline.lengthOf(side),
                    height,
                    wallRow.texture,
                    featuresOf.getOrDefault(wallRow.id(), List.of()),
                    wallRow.ends());
            walls.add(new Surface(
                    wallRow.id(),
                    SurfaceKind.WALL,
                    Outline.letter(side),
                    wallRow.substrate,
                    Optional.of(wall),
                    fitted(featuresOf.getOrDefault(wallRow.id(), List.of())),
                    Optional.empty(),
                    Optional.empty(),
                    WindowLight.NONE,
                    coatsOf.getOrDefault(wallRow.id(), List.of())));
        }
        List<Wall> asWalls = walls.stream().map(Surface::asWall).toList();
        List<Surface> all = new ArrayList<>(lit(walls, outline));
        surfaceRows.stream()
                .filter(surface -> surface.kind != SurfaceKind.WALL)
                .sorted(Comparator.<SurfaceRow, SurfaceKind>comparing(surface -> surface.kind)
                        .thenComparing(surface -> surface.position))
                .map(surface -> new Surface(
                        surface.id(),
                        surface.kind,
                        Optional.ofNullable(surface.fixtureName).orElse(""),
                        surface.substrate,
                        surface.kind == SurfaceKind.CEILING
                                ? Optional.of(outline.ceiling(
                                        surface.texture,
                                        fittings(featuresOf.getOrDefault(surface.id(), List.of())),
                                        asWalls))
                                : Optional.empty(),
                        fitted(featuresOf.getOrDefault(surface.id(), List.of())),
                        surface.fixture(),
                        Optional.ofNullable(surface.goneOn),
                        surface.kind == SurfaceKind.CEILING ? outline.lightOnCeiling(asWalls) : WindowLight.NONE,
                        coatsOf.getOrDefault(surface.id(), List.of())))
                .forEach(all::add);
        return new Room(row.id(), row.name, row.kind, height, outline, row.floor, List.copyOf(all));
    }

    static Wall wall(Length width, Length height, Texture texture, List<WallFeatureRow> rows, Ends ends) {
        List<Opening> openings = new ArrayList<>();
        for (WallFeatureRow row : rows) {
            row.kind.opening().ifPresent(kind -> openings.add(new Opening(kind, row.box())));
        }
        return new Wall(width, height, texture, openings, fittings(rows), ends);
    }

    static List<Fitting> fittings(List<WallFeatureRow> rows) {
        return fitted(rows).stream().map(Surface.Fitted::fitting).toList();
    }

    private static List<Surface.Fitted> fitted(List<WallFeatureRow> rows) {
        return rows.stream()
                .flatMap(row -> row
                        .kind
                        .fitting()
                        .map(kind -> new Surface.Fitted(row.id(), new Fitting(kind, row.box()), row.way()))
                        .stream())
                .toList();
    }

    private static List<Surface> lit(List<Surface> walls, Outline outline) {
        List<WindowLight> lights =
                outline.lightOn(walls.stream().map(Surface::asWall).toList());
        List<Surface> lit = new ArrayList<>();
        for (int side = 0; side < walls.size(); side++) {
            lit.add(walls.get(side).lit(lights.get(side)));
        }
        return lit;
    }
}
