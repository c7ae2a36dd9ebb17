package lumko.app.demo;

import java.util.UUID;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.walk.Deciding;
import lumko.app.walk.Marking;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Length;
import lumko.core.repair.Mark;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** What is wrong with the flats of the made-up society. */
@Component
@Lazy
class DemoFaults {
    private final Marking marking;
    private final Deciding deciding;
    private final Houses houses;
    private final Dice dice;

    DemoFaults(Marking marking, Deciding deciding, Houses houses, Dice dice) {
        this.marking = marking;
        this.deciding = deciding;
        this.houses = houses;
        this.dice = dice;
    }

    /** What eighteen months of one tenant leave in a flat. */
    void troubles(Flat flat) {
        Room bedroom = room(flat, "Bedroom");
        mark(bedroom, 0, FaultKind.NAIL_HOLE, 1500, 1620);
        mark(bedroom, 0, FaultKind.NAIL_HOLE, 1900, 1620);
        mark(bedroom, 0, FaultKind.ANCHOR, 800, 1750);
        mark(bedroom, 0, FaultKind.HALO, 2660, 1100);
        mark(bedroom, 2, FaultKind.SCREW_HOLE, 1500, 1550);
        mark(bedroom, 2, FaultKind.TAPE_TEAR, 2600, 1700);
        find(bedroom, RoomFinding.TENANT_COLOUR);
        Room living = room(flat, "Living room");
        for (double left : new double[] {1900, 2300, 2700, 3100}) {
            mark(living, 2, FaultKind.ANCHOR, left, 1350);
        }
        mark(living, 2, FaultKind.TOGGLE, 2500, 1700);
        mark(living, 2, FaultKind.SCUFF, 1500, 450);
        mark(living, 0, FaultKind.CRACK, 4350, 2150, Measures.ofMillimetres(520, 260, 0.3));
        mark(living, 1, FaultKind.JOINT_CRACK, 600, 880, Measures.ofMillimetres(1150, 0, 2));
        mark(living, 3, FaultKind.OLD_TOUCH_UP, 3100, 1500);
        Room hall = room(flat, "Hall");
        for (int n = 0; n < 5; n++) {
            mark(hall, 0, FaultKind.DING, 900 + n * 420, 520 + 60 * (n % 3));
        }
        mark(hall, 0, FaultKind.SCUFF, 2400, 900);
        mark(hall, 2, FaultKind.BOX_GAP, 1640, 1100);
        mark(hall, 2, FaultKind.POPPED_FASTENER, 2900, 1850);
        Room kitchen = room(flat, "Kitchen");
        mark(kitchen, 2, FaultKind.GREASE, 1500, 1500);
        mark(kitchen, 2, FaultKind.HOLE, 2500, 1450, Measures.ofMillimetres(50, 50, 0));
        find(kitchen, RoomFinding.STEAM);
        Room bath = room(flat, "Bath");
        mark(bath, 1, FaultKind.FAILED_CAULK, 120, 640, Measures.ofMillimetres(1500, 0, 4));
        mark(bath, 3, FaultKind.MOULD, 500, 2300);
        mark(bath, 2, FaultKind.PROUD_RIM, 900, 1500);
        find(bath, RoomFinding.STEAM);
    }

    /** Smoked in for years: a film on every wall and ceiling, and yellow runs under the ceiling. */
    void smoked(UUID flatId) {
        Flat flat = houses.flat(flatId);
        for (Room room : flat.rooms()) {
            find(room, RoomFinding.SMELL_OF_SMOKE);
        }
        Room living = room(flat, "Living room");
        for (int side = 0; side < 4; side++) {
            Wall wall = living.walls().skip(side).findFirst().orElseThrow().asWall();
            double wide = wall.width().inMillimetres();
            double high = wall.height().inMillimetres();
            mark(living, side, FaultKind.STAIN, wide / 2, high - 200, Measures.ofMillimetres(wide * 0.6, 380, 0));
        }
        mark(living, 0, FaultKind.NIBS, 2500, 1500);
        mark(living, 2, FaultKind.LAP_MARK, 1500, 1300);
    }

    /** A cottage with a wet gable and old lime plaster. */
    void damp(UUID flatId) {
        Flat flat = houses.flat(flatId);
        Room living = room(flat, "Living room");
        find(living, RoomFinding.DAMP);
        mark(living, 3, FaultKind.STAIN, 900, 500);
        mark(living, 3, FaultKind.MOULD, 900, 350);
        mark(living, 3, FaultKind.FLAKING, 1500, 700);
        mark(living, 2, FaultKind.CRACK, 1900, 1300, Measures.ofMillimetres(900, 500, 2));
        mark(living, 2, FaultKind.LUMPY_PLASTER, 900, 1500);
        mark(living, 0, FaultKind.WALLPAPER_REMAINS, 2200, 1500);
    }

    /** On the walls that nobody knows anything about. */
    void unknown(UUID flatId) {
        Flat whole = houses.flat(flatId);
        several(whole.walls().skip(2).findFirst().orElseThrow(), 4);
        Room living = room(whole, "Living room");
        mark(living, 0, FaultKind.GLASSY_PLASTER, 2600, 1500);
        mark(living, 3, FaultKind.PROUD_FILLER, 1200, 1400);
        mark(living, 3, FaultKind.OLD_SHEEN, 2000, 1500);
    }

    private static Room room(Flat flat, String name) {
        return flat.rooms().stream()
                .filter(room -> room.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private void mark(Room room, int side, FaultKind kind, double left, double up) {
        mark(room, side, kind, left, up, kind.usual());
    }

    private void mark(Room room, int side, FaultKind kind, double left, double up, Measures measures) {
        Surface wall = room.walls().skip(side).findFirst().orElseThrow();
        marking.set(uuid(), wall.id(), new Mark(Spot.ofMillimetres(left, up), kind.of(measures)));
    }

    private void find(Room room, RoomFinding finding) {
        deciding.find(room.walls().findFirst().orElseThrow().id(), finding, true);
    }

    /** So many of what tenants leave, anywhere on a wall. */
    void several(Surface surface, int count) {
        Wall wall = surface.asWall();
        FaultKind[] kinds = {
            FaultKind.NAIL_HOLE,
            FaultKind.NAIL_HOLE,
            FaultKind.SCREW_HOLE,
            FaultKind.DING,
            FaultKind.ANCHOR,
            FaultKind.NAIL_HOLE
        };
        for (int n = 0; n < count; n++) {
            FaultKind kind = kinds[n % kinds.length];
            Spot place = new Spot(
                    wall.width().times(0.08 + 0.84 * dice.nextDouble()),
                    Length.ofMillimetres(kind == FaultKind.DING ? 250 + dice.nextInt(700) : 1100 + dice.nextInt(800)));
            Mark mark = new Mark(place, kind.usualFault());
            if (wall.openings().stream().noneMatch(opening -> opening.box().contains(place))) {
                marking.set(uuid(), surface.id(), mark);
            }
        }
    }

    private UUID uuid() {
        return new UUID(dice.nextLong(), dice.nextLong());
    }
}
