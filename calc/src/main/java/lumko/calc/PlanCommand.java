package lumko.calc;

import java.time.Duration;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import lumko.core.plan.Cost;
import lumko.core.plan.Plan;
import lumko.core.plan.Planner;
import lumko.core.plan.Workload;
import picocli.CommandLine;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Plans of several flats. */
@Command(
        name = "plan",
        description = {
            "Who does what when in several flats, so that as little as possible is late. Reads JSON: painters [{id, skills, windows}],",
            "flats [{id, building, release, due, weight, cure, rooms: [{id, steps: [{id, dur, skill, lagMin, lagMax, lagSoftMax}]}],",
            "arcs: [{from, to, lagMin, lagMax}]}], travel, depot; times in minutes from a common zero. May have: weights; things {name: count};",
            "of a painter at (the flat where he is); of a flat access [[from, to]]; of a room air (speed of drying by the hour); of a",
            "step earliest, thing, lock {painter, start}, begun {painter, start}, was {painter, start} with weights.change its price.",
            "Writes step → [painter, start]. With --iterations the same seed gives the same plan; --seconds uses both cores."
        },
        footer = {"", "Example:", "  ./lumko calc plan --seconds 30 --costs --in flats.json --out plan.json"},
        mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {
    private static final int THREADS = 2;

    @Mixin
    private final Document document = new Document();

    @ArgGroup(exclusive = false)
    private Effort effort = new Effort();

    @Option(names = "--seed", paramLabel = "K", description = "what chance begins with, 1 without it")
    private long seed = 1;

    @Option(names = "--costs", description = "says on standard error what the plan and the foreman's order come to")
    private boolean saysCosts;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    private static final class Effort {
        @Option(names = "--seconds", paramLabel = "N", description = "how long to search")
        private Optional<Double> seconds = Optional.empty();

        @Option(names = "--iterations", paramLabel = "N", description = "how many trials, on one core")
        private Optional<Long> iterations = Optional.empty();
    }

    @Override
    public Integer call() throws Exception {
        if (effort.seconds.isEmpty() == effort.iterations.isEmpty()) {
            throw new CommandLine.ParameterException(spec.commandLine(), "one of --seconds and --iterations is needed");
        }
        if (effort.seconds.filter(time -> !(time > 0 && time <= 86_400)).isPresent()) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(),
                    "--seconds must be more than 0 and at most 86,400, was " + effort.seconds.get());
        }
        Document.Node read = document.read();
        Workload load = PlanFile.read(read);
        Planner planner = read.attempt(() -> new Planner(load));
        Optional<Plan> plan = effort.seconds.isPresent()
                ? planner.within(
                        Duration.ofNanos(Math.round(effort.seconds.get() * 1e9)),
                        System::nanoTime,
                        THREADS,
                        seed,
                        Planner.Watch.NOBODY)
                : planner.iterations(effort.iterations.orElseThrow(), seed);
        if (plan.isEmpty()) {
            throw read.refused("hours long enough for every step, and locks that can be kept");
        }
        if (saysCosts) {
            planner.foreman().ifPresent(by -> say("foreman", Cost.of(load, by)));
            say("plan", Cost.of(load, plan.get()));
        }
        document.write(PlanFile.written(load, plan.get()));
        return 0;
    }

    private void say(String what, Cost cost) {
        spec.commandLine()
                .getErr()
                .printf(
                        Locale.ROOT,
                        "%s: cost %.0f, weighted lateness %.1f h, missing cure %.1f h, %d painter-days, %d min on the way, "
                                + "%d changed%n",
                        what,
                        cost.total(),
                        cost.weightedLate() / 60.0,
                        cost.weightedCure() / 60.0,
                        cost.painterDays(),
                        cost.travel(),
                        cost.changes());
    }
}
