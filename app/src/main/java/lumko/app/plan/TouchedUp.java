package lumko.app.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lumko.app.figure.Figures;
import lumko.app.house.Houses;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.walk.WalkedFlat;
import lumko.app.walk.WalkedWall;
import lumko.app.walk.Walks;
import lumko.core.activity.WorkGraph;
import lumko.core.job.Face;
import lumko.core.job.JobPlanner;
import lumko.core.job.Work;
import lumko.core.plan.Workload;
import lumko.core.turnover.FlatWork;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The work of a flat if walls that are to be rolled were touched up, where no rule speaks against it. */
@Component
class TouchedUp {
    /** So many walls are named, of the others how many. */
    private static final int MOST_NAMED = 2;

    private final Walks walks;
    private final Houses houses;
    private final Figures figures;
    private final Speaker speaker;

    TouchedUp(Walks walks, Houses houses, Figures figures, Speaker speaker) {
        this.walks = walks;
        this.houses = houses;
        this.figures = figures;
        this.speaker = speaker;
    }

    /**
     * @param walls which, and how likely each shows
     */
    record Instead(Workload.Flat flat, String walls) {}

    /** Empty if something of its sheet is done, or no wall of it could be touched up instead. */
    @Transactional(readOnly = true)
    Optional<Instead> of(WorkAhead.FlatAhead ahead) {
        return ahead.notBegun().flatMap(sheet -> instead(ahead, sheet));
    }

    private Optional<Instead> instead(WorkAhead.FlatAhead ahead, WorkAhead.NotBegun sheet) {
        WalkedFlat walked = walks.flat(houses.flat(ahead.flatId()));
        List<WalkedWall> walls = walked.ready().stream()
                .filter(wall -> wall.touchedUpInstead().isPresent())
                .toList();
        if (walls.isEmpty()) {
            return Optional.empty();
        }
        WorkGraph graph = new JobPlanner(figures.catalogue(), walked.practice())
                .plan(walked.job(TouchedUp::touchedUp))
                .by(Work.View.ROOM);
        Map<String, Integer> done = new HashMap<>();
        graph.standing()
                .forEach(coat ->
                        done.put(coat.id(), sheet.now() - (int) coat.ago().toMinutes()));
        FlatWork work = FlatWork.of(sheet.terms(), graph, done, sheet.paintFrom(), sheet.air(), figures.catalogue());
        return Optional.of(new Instead(work.flat(), named(walked, walls)));
    }

    private static Face touchedUp(WalkedWall wall) {
        return wall.touchedUpInstead()
                .map(option -> wall.found().with(option.action()))
                .orElseGet(wall::face);
    }

    private String named(WalkedFlat walked, List<WalkedWall> walls) {
        Words words = speaker.words();
        List<String> names = new ArrayList<>();
        for (WalkedWall wall : walls.subList(0, Math.min(MOST_NAMED, walls.size()))) {
            double shows = wall.touchedUpInstead().orElseThrow().shows().likely();
            names.add(
                    words.say("help.wall", walked.flat().labelOf(wall.surface().id(), words), words.chance(shows)));
        }
        if (walls.size() > MOST_NAMED) {
            names.add(words.say("help.moreWalls", walls.size() - MOST_NAMED));
        }
        return String.join(", ", names);
    }
}
