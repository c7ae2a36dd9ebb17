package lumko.app.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.walk.WalkedFlat;
import lumko.app.walk.WalkedWall;
import lumko.app.walk.Walks;
import lumko.core.job.Action;
import lumko.core.job.Face;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds the plan of the last sheet again, with the marks it made good and the actions it was made for. */
@Service
@Transactional(readOnly = true)
class LastPlans {
    private final SheetRows sheets;
    private final Walks walks;
    private final Houses houses;

    LastPlans(SheetRows sheets, Walks walks, Houses houses) {
        this.sheets = sheets;
        this.walks = walks;
        this.houses = houses;
    }

    /** The plan of the sheet that was made last; empty if none ever was. */
    Optional<LastPlan> last() {
        return sheets.lastMade().map(this::plan);
    }

    private LastPlan plan(SheetRow sheet) {
        Flat flat = houses.flat(sheet.flatId);
        Set<UUID> markIds = sheets.markIds(sheet.id());
        Map<UUID, SheetWallRow> rows =
                sheets.walls(sheet.id()).stream().collect(Collectors.toMap(row -> row.surfaceId, row -> row));
        WalkedFlat walked = walks.as(flat, sheet.turnoverId, rows.keySet(), markIds, sheet.practice());
        List<Face> faces = new ArrayList<>();
        for (WalkedWall wall : walked.surfaces()) {
            Optional.ofNullable(rows.get(wall.surface().id()))
                    .ifPresent(row -> faces.add(wall.found().with(row.action)));
        }
        walked.trims().stream()
                .filter(trim -> rows.containsKey(trim.surface().id()))
                .forEach(trim -> faces.add(trim.found().with(Action.ROLL)));
        return new LastPlan(flat, walked.job(faces));
    }
}
