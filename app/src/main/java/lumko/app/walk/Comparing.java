package lumko.app.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import lumko.app.figure.Figures;
import lumko.app.house.Room;
import lumko.app.platform.Words;
import lumko.core.figure.Catalogue;
import lumko.core.job.Action;
import lumko.core.job.Face;
import lumko.core.job.JobPlanner;
import lumko.core.judge.JobPrice;
import lumko.core.judge.Option;
import org.springframework.stereotype.Component;

/** Touching up, as the verdicts have it, against painting all of it: room by room, and the flat as a whole. */
@Component
public class Comparing {
    private final Figures figures;

    Comparing(Figures figures) {
        this.figures = figures;
    }

    /**
     * A room, or the flat.
     *
     * @param wallId where it is decided on
     * @param version of what was answered and decided there
     * @param touchedUp as the verdicts have it
     * @param painted all of its walls; of a flat its ceilings too
     * @param isDecided whether all of it is to be painted
     */
    public record Compared(
            String name,
            UUID wallId,
            int version,
            JobPrice touchedUp,
            JobPrice painted,
            Action whole,
            boolean isDecided) {
        /** On how many surfaces something is seen, of how many. */
        public String seen(Words words, JobPrice price) {
            long about = Math.round(price.seen());
            return about == 0
                    ? words.say("compare.hardlyAny", price.surfaces())
                    : words.say("compare.some", about, price.surfaces());
        }
    }

    /** Rooms in which something is to be done, and the flat where that is more than one. */
    public List<Compared> of(WalkedFlat flat) {
        List<Compared> all = new ArrayList<>();
        for (Room room : flat.flat().rooms()) {
            List<WalkedWall> walls = flat.surfaces().stream()
                    .filter(wall -> wall.room().id().equals(room.id()))
                    .toList();
            if (walls.stream().anyMatch(wall -> wall.hasWork() || !wall.marks().isEmpty())) {
                all.add(compared(flat, room.name(), walls, Action.ROOM));
            }
        }
        if (all.size() > 1) {
            all.add(compared(flat, "", flat.surfaces(), Action.FLAT));
        }
        return all;
    }

    private Compared compared(WalkedFlat flat, String name, List<WalkedWall> walls, Action whole) {
        WalkedWall first = walls.stream()
                .filter(wall -> wall.surface().isWall())
                .findFirst()
                .orElseThrow();
        UnaryOperator<Face> painted = face -> whole == Action.FLAT || !face.isCeiling() ? face.with(whole) : face;
        return new Compared(
                name,
                first.surface().id(),
                first.visit().version(),
                price(flat, walls, WalkedWall::judged, Comparing::asJudged),
                price(flat, walls, wall -> painted.apply(wall.judged()), wall -> whole(wall, whole)),
                whole,
                first.action() == whole);
    }

    private static Option asJudged(WalkedWall wall) {
        return wall.verdict().chosen();
    }

    private static Option whole(WalkedWall wall, Action whole) {
        return whole == Action.FLAT || wall.surface().isWall()
                ? wall.verdict().options().stream()
                        .filter(option -> option.action().isWhole())
                        .findFirst()
                        .orElseGet(() -> asJudged(wall))
                : asJudged(wall);
    }

    private JobPrice price(
            WalkedFlat flat,
            List<WalkedWall> walls,
            Function<WalkedWall, Face> way,
            Function<WalkedWall, Option> seen) {
        Catalogue catalogue = figures.catalogue();
        return JobPrice.of(
                flat.job(walls.stream().map(way).toList()),
                walls.stream().map(seen).toList(),
                new JobPlanner(catalogue, flat.practice()),
                catalogue);
    }
}
