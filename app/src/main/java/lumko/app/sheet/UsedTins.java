package lumko.app.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.catalogue.Paint;
import lumko.app.platform.NotFoundException;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.quantity.Volume;
import org.springframework.stereotype.Component;

/** The tins of a job: opened or bought when its sheet is closed, and as they were when that is taken back. */
@Component
class UsedTins {
    private final SheetTinRepository rows;
    private final Store store;

    UsedTins(SheetTinRepository rows, Store store) {
        this.rows = rows;
        this.store = store;
    }

    /** All the tins that each paint came from: those opened, and those bought, which go into the store now. */
    Map<Paint, List<UUID>> of(Sheet sheet, List<Closing.TinBought> bought) {
        Map<Paint, List<UUID>> tins = new HashMap<>();
        for (PaintNeed need : sheet.paints()) {
            List<UUID> from = new ArrayList<>();
            need.open().forEach(tin -> from.add(tin.id()));
            bought.stream()
                    .filter(tin -> tin.productId().equals(need.paint().product().id())
                            && tin.colourId().equals(need.paint().colour().id()))
                    .forEach(tin -> from.add(buy(sheet.id(), tin)));
            tins.put(need.paint(), from);
        }
        return tins;
    }

    /** Notes what is left in a tin and where it stands now. */
    void putDown(Sheet sheet, Closing.TinLeft left) {
        Tin tin = sheet.paints().stream()
                .flatMap(paint -> paint.open().stream())
                .filter(each -> each.id().equals(left.tinId()))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        SheetTinRow row = new SheetTinRow(sheet.id(), tin.id());
        row.beforeLitres = tin.left().inLitres();
        row.afterLitres = left.left().inLitres();
        row.placeBefore = tin.place();
        row.afterVersion = store.putDown(tin.id(), left.left(), left.place(), left.version());
        rows.save(row);
    }

    private UUID buy(UUID sheetId, Closing.TinBought tin) {
        UUID id =
                store.addTin(tin.label(), tin.productId(), tin.colourId(), "", tin.size(), tin.left(), tin.place(), "");
        SheetTinRow row = new SheetTinRow(sheetId, id);
        row.afterLitres = tin.left().inLitres();
        row.placeBefore = tin.place();
        row.afterVersion = store.tin(id).orElseThrow().version();
        row.bought = true;
        rows.save(row);
        return id;
    }

    /** Tins of a job that somebody changed since. */
    List<Reopening.TouchedTin> touched(UUID sheetId) {
        List<SheetTinRow> used = rows.findBySheetId(sheetId);
        Map<UUID, Tin> stock = now(used);
        return used.stream()
                .flatMap(tin -> Optional.ofNullable(stock.get(tin.tinId))
                        .filter(tin::isTouched)
                        .map(now -> new Reopening.TouchedTin(
                                now.label(), Volume.ofLitres(tin.beforeLitres), now.left(), now.place()))
                        .stream())
                .toList();
    }

    /** Tins as they were, and what was bought out of the store again. */
    void takeBack(UUID sheetId, Reopening.TouchedTins touched) {
        List<SheetTinRow> used = rows.findBySheetId(sheetId);
        Map<UUID, Tin> stock = now(used);
        for (SheetTinRow tin : used) {
            rows.delete(tin);
            Optional.ofNullable(stock.get(tin.tinId)).ifPresent(now -> takeBack(tin, now, touched));
        }
    }

    private Map<UUID, Tin> now(List<SheetTinRow> used) {
        return store.tins(used.stream().map(row -> row.tinId).toList());
    }

    private void takeBack(SheetTinRow row, Tin now, Reopening.TouchedTins touched) {
        if (row.isTouched(now) && (row.bought || touched == Reopening.TouchedTins.AS_NOW)) {
            return;
        }
        if (row.bought) {
            rows.flush();
            store.takeOut(now.id());
        } else {
            store.putDown(now.id(), Volume.ofLitres(row.beforeLitres), row.placeBefore, now.version());
        }
    }
}
