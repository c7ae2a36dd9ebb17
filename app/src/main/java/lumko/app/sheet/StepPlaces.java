package lumko.app.sheet;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.drawing.WallDrawing;
import lumko.app.house.Surface;
import lumko.app.platform.Words;
import lumko.app.walk.PlacedMark;
import lumko.core.fault.Fault;
import lumko.core.geometry.Spot;

/**
 * Where a step is done on one surface: its marks with the numbers they have on the walk, what they are, how high and how far
 * from the left.
 *
 * @param drawing the surface with these marks alone
 */
public record StepPlaces(String label, List<Line> lines, WallDrawing drawing) {
    /** Heights that differ by less are said as one. */
    private static final double SAME_HEIGHT_MM = 50;

    /** Marks of one kind at one height. */
    public record Line(String numbers, String what) {}

    /** The surfaces on which a step has marked places; nothing for what is done to whole surfaces. */
    static List<StepPlaces> of(SheetStep step, Sheet sheet, Words words) {
        return step.activity().surfaces().stream()
                .map(UUID::fromString)
                .filter(sheet.marks()::containsKey)
                .map(surface -> of(surface, step, sheet, words))
                .filter(places -> !places.lines().isEmpty())
                .toList();
    }

    private static StepPlaces of(UUID surfaceId, SheetStep step, Sheet sheet, Words words) {
        Surface surface = sheet.flat().surface(surfaceId).orElseThrow();
        List<PlacedMark> here = sheet.marksOn(surfaceId).stream()
                .filter(mark -> step.activity().places().contains(mark.id().toString()))
                .sorted(Comparator.comparingDouble(
                        mark -> mark.mark().centre().fromLeft().inMillimetres()))
                .toList();
        Map<List<Object>, List<PlacedMark>> alike = here.stream()
                .collect(Collectors.groupingBy(StepPlaces::alike, LinkedHashMap::new, Collectors.toList()));
        return new StepPlaces(
                sheet.flat().labelOf(surfaceId, words),
                alike.values().stream().map(marks -> line(marks, words)).toList(),
                WallDrawing.of(
                        surface.asWall(),
                        surface.fill(),
                        here.stream().map(PlacedMark::numbered).toList()));
    }

    private static List<Object> alike(PlacedMark mark) {
        Fault fault = mark.mark().fault();
        double up = mark.mark().centre().aboveFloor().inMillimetres();
        return List.of(fault.kind(), fault.extent(), Math.round(up / SAME_HEIGHT_MM));
    }

    private static Line line(List<PlacedMark> marks, Words words) {
        PlacedMark first = marks.getFirst();
        Fault fault = first.mark().fault();
        String lefts = marks.stream()
                .map(mark -> words.placeNumber(mark.mark().centre().fromLeft()))
                .collect(Collectors.joining(" / "));
        Spot spot = first.mark().centre();
        return new Line(
                marks.stream().map(mark -> String.valueOf(mark.number())).collect(Collectors.joining(" ")),
                words.say("sheet.placesAt", fault.kind(), fault.extent(), words.placeNumber(spot.aboveFloor()), lefts));
    }
}
