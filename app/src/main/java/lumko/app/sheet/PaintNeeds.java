package lumko.app.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lumko.app.catalogue.Paint;
import lumko.app.store.Tin;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Volume;
import lumko.core.stock.StoredTin;
import lumko.core.stock.TinChoice;

/** How much of each paint a sheet takes, and from which tins. */
final class PaintNeeds {
    private PaintNeeds() {}

    static List<PaintNeed> of(
            List<SheetWall> walls, List<SheetStep> steps, Map<Paint, List<Tin>> tinsOf, Practice practice) {
        Map<String, Volume> litres = new LinkedHashMap<>();
        steps.stream()
                .flatMap(step -> step.activity().uses().stream())
                .filter(use -> use.material().isPaint())
                .forEach(use -> litres.merge(use.paint(), use.volume(), Volume::plus));
        List<PaintNeed> needs = new ArrayList<>();
        litres.forEach((key, volume) -> walls.stream()
                .flatMap(wall -> wall.paint().stream())
                .filter(paint -> paint.key().equals(key))
                .findFirst()
                .ifPresent(paint ->
                        needs.add(need(paint, volume, walls, tinsOf.getOrDefault(paint, List.of()), practice))));
        return needs;
    }

    /**
     * The tin answered with on the walk comes first; other tins of the same paint stand by where left-overs are used up, unless
     * somebody decided that it is bought.
     */
    private static PaintNeed need(
            Paint paint, Volume litres, List<SheetWall> walls, List<Tin> ofPaint, Practice practice) {
        List<SheetWall> on = walls.stream()
                .filter(wall -> wall.paint().equals(Optional.of(paint)))
                .toList();
        List<Tin> named = on.stream()
                .flatMap(each -> each.tin().stream())
                .filter(tin -> tin.paint().equals(paint))
                .distinct()
                .toList();
        Volume inNamed = named.stream().map(Tin::left).reduce(Volume.ZERO, Volume::plus);
        boolean isNew = practice.is(School.NEW_BATCH_PER_FLAT) || on.stream().anyMatch(SheetWall::isBought);
        List<Tin> shelf = isNew || inNamed.compareTo(litres) >= 0 ? named : ofPaint;
        List<StoredTin> stored = shelf.stream()
                .map(tin -> new StoredTin(tin.id().toString(), tin.batch(), tin.left()))
                .toList();
        Volume onShelf = shelf.stream().map(Tin::left).reduce(Volume.ZERO, Volume::plus);
        Volume missing = paint.product().sizes().isEmpty() ? litres.without(onShelf) : Volume.ZERO;
        TinChoice choice = TinChoice.forNeed(
                litres.without(missing), stored, paint.product().sizes());
        return new PaintNeed(
                paint,
                litres,
                choice.open().stream()
                        .flatMap(open ->
                                shelf.stream().filter(tin -> tin.id().toString().equals(open.key())))
                        .toList(),
                choice.buy(),
                missing,
                choice.isBoxed(),
                on.stream().flatMap(wall -> wall.hereOn().stream()).findFirst(),
                on.stream().map(SheetWall::more).reduce(SheetWall.More.NONE, SheetWall.More::with));
    }
}
