package lumko.app.house;

import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.platform.Speaker;
import lumko.core.paint.Batch;
import lumko.core.record.Age;
import lumko.core.record.Film;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where paints are seen in the signed-in organisation's houses, and what it took to put them on. */
@Service
@Transactional(readOnly = true)
public class SeenPaints {
    /** How many surfaces say enough of how many coats a colour takes. */
    private static final int MOST_LEARNT_FROM = 100;

    private final SurfaceRepository surfaces;
    private final CoatRepository coats;
    private final Houses houses;
    private final Speaker speaker;

    SeenPaints(SurfaceRepository surfaces, CoatRepository coats, Houses houses, Speaker speaker) {
        this.surfaces = surfaces;
        this.coats = coats;
        this.houses = houses;
        this.speaker = speaker;
    }

    /** Every surface of the organisation with its paint, house by house, read as it is asked for: close it. */
    public Stream<PaintedSurface> painted() {
        return surfaces.topPaints()
                .map(top -> new PaintedSurface(
                        top.getSurfaceId(),
                        top.getKind(),
                        top.getRoom(),
                        top.getHouse(),
                        top.getNumber(),
                        Optional.ofNullable(top.getProductId()),
                        Optional.ofNullable(top.getColourId()),
                        Optional.ofNullable(top.getTinId()),
                        Optional.ofNullable(top.getAppliedOn())));
    }

    /**
     * A paint that is seen somewhere else than in one flat.
     *
     * @param appliedOn when it went on last, where anybody knows
     * @param isOfHouse whether in the same house
     */
    public record PaintUse(UUID productId, UUID colourId, Optional<LocalDate> appliedOn, boolean isOfHouse) {}

    /** The paints in some colours that are seen elsewhere than in a flat. */
    public List<PaintUse> paintUses(Collection<UUID> colours, Flat flat) {
        return Stream.of(true, false)
                .flatMap(inHouse -> surfaces
                        .paintUses(colours, flat.id(), flat.house().id(), inHouse)
                        .stream()
                        .map(use -> new PaintUse(
                                use.getProductId(),
                                use.getColourId(),
                                Optional.ofNullable(use.getAppliedOn()),
                                inHouse)))
                .toList();
    }

    /**
     * Flats with some surfaces that were looked for.
     *
     * @param flats the first of them, house by house
     * @param hasMore whether there are others
     */
    public record FlatsFound(List<FlatFound> flats, boolean hasMore) {}

    /** A flat with how many of its surfaces were looked for. */
    public record FlatFound(Houses.Door door, long surfaces) {}

    /** Where some colours are seen. */
    public FlatsFound flatsIn(Collection<UUID> colours, int most) {
        return found(surfaces.flatsIn(colours, Limit.of(most + 1)), most, ids -> surfaces.countIn(colours, ids));
    }

    /** Where there are walls whose paint nobody has identified. */
    public FlatsFound notIdentified(int most) {
        return found(surfaces.notIdentified(Limit.of(most + 1)), most, surfaces::countNotIdentified);
    }

    private FlatsFound found(List<UUID> found, int most, Function<List<UUID>, List<SurfaceRepository.Count>> counting) {
        List<UUID> first = found.stream().limit(most).toList();
        Map<UUID, Houses.Door> doors = houses.doors(first);
        Map<UUID, Long> counts = first.isEmpty()
                ? Map.of()
                : counting.apply(first).stream()
                        .collect(Collectors.toMap(SurfaceRepository.Count::flatId, SurfaceRepository.Count::surfaces));
        return new FlatsFound(
                first.stream()
                        .map(id -> new FlatFound(
                                Optional.ofNullable(doors.get(id)).orElseThrow(), counts.getOrDefault(id, 0L)))
                        .toList(),
                found.size() > most);
    }

    /**
     * How many coats of a colour straight over another it took, wherever that was done by a sheet, on the latest of many surfaces.
     *
     * @param before ids of the colour that was there
     * @param over ids of the colour that went on
     */
    public List<Integer> coatsTaken(Set<UUID> before, Set<UUID> over) {
        return coats.findBySurfaces(coats.surfacesPainted(over, Limit.of(MOST_LEARNT_FROM))).stream()
                .collect(Collectors.groupingBy(row -> row.surfaceId, LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .flatMap(layers -> byColour(layers).coatsTaken(texts(before), texts(over)).stream())
                .toList();
    }

    /** The layers of a surface, each known by its colour alone. */
    private Stack byColour(List<CoatRow> layers) {
        return new Stack(
                Substrate.SKIM_PLASTER,
                layers.stream()
                        .map(row -> new lumko.core.record.Coat(
                                row.layer,
                                Optional.ofNullable(row.colourId).map(UUID::toString),
                                Film.UNKNOWN,
                                Set.of(),
                                Batch.UNKNOWN,
                                Age.since(Optional.ofNullable(row.appliedOn), speaker.today()),
                                Optional.ofNullable(row.sheetId).map(UUID::toString)))
                        .toList());
    }

    private static Set<String> texts(Set<UUID> ids) {
        return ids.stream().map(UUID::toString).collect(Collectors.toSet());
    }
}
