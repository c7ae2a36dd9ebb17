package lumko.app.walk;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lumko.app.figure.Figures;
import lumko.app.house.Room;
import lumko.core.drying.Climate;
import lumko.core.figure.Catalogue;
import lumko.core.job.Action;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.job.Work;
import lumko.core.judge.Option;
import lumko.core.quantity.Volume;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;
import org.springframework.stereotype.Component;

/** Touching up, as the verdicts have it, against painting all of it: room by room, and the flat as a whole. */
@Component
public class Comparing {
    private final Figures figures;

    Comparing(Figures figures) {
        this.figures = figures;
    }

    /**
     * What a way of doing it comes to.
     *
     * @param elapsed from the first move until the last coat is dry, for one person in the reference air, nights not counted
     * @param shows the chance that something of it is seen on at least one surface
     */
    public record Price(Duration hand, Volume paint, Duration elapsed, double shows) {}

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
            String name, UUID wallId, int version, Price touchedUp, Price painted, Action whole, boolean isDecided) {}

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

    private Price price(
            WalkedFlat flat,
            List<WalkedWall> walls,
            Function<WalkedWall, Face> way,
            Function<WalkedWall, Option> seen) {
        Catalogue catalogue = figures.catalogue();
        Job job = flat.job(walls.stream().map(way).toList());
        if (job.active().isEmpty()) {
            return new Price(
                    Duration.ZERO,
                    Volume.ZERO,
                    Duration.ZERO,
                    shows(walls.stream().map(seen)));
        }
        Work work = new JobPlanner(catalogue, flat.practice()).plan(job);
        Schedule schedule = Schedule.of(work.by(Work.View.ROOM), 1, new Air(Climate.REFERENCE, catalogue));
        return new Price(
                work.unordered().hand(),
                work.unordered().paint(),
                schedule.dryAt(),
                shows(walls.stream().map(seen)));
    }

    /** Surfaces are looked at one by one: that none shows is that each does not. */
    private static double shows(Stream<Option> options) {
        return 1 - options.mapToDouble(option -> 1 - option.shows().likely()).reduce(1, (one, other) -> one * other);
    }
}
