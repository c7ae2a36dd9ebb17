package lumko.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Looks at a plan as a clerk with a stopwatch would: every painter's minutes on a strip, every room's air minute by minute. Shares
 * nothing with {@link Rules} or the search but the workload.
 */
final class MinuteByMinute {
    private MinuteByMinute() {}

    static List<String> objections(Workload load, Plan plan) {
        List<String> objections = new ArrayList<>();
        Map<String, Integer> start = new HashMap<>();
        Map<String, Workload.Step> steps = new HashMap<>();
        Map<String, Workload.Flat> flatOf = new HashMap<>();
        Map<String, String> painterOf = new HashMap<>();
        int number = 0;
        int last = 0;
        for (Workload.Flat flat : load.flats()) {
            for (Workload.Step step : flat.steps()) {
                start.put(step.id(), plan.start(number));
                painterOf.put(
                        step.id(), load.painters().get(plan.painter(number)).id());
                steps.put(step.id(), step);
                flatOf.put(step.id(), flat);
                last = Math.max(last, plan.start(number) + step.minutes());
                number++;
            }
        }
        for (Workload.Painter painter : load.painters()) {
            String[] strip = new String[last + 1];
            boolean[] works = new boolean[last + 1];
            int[] span = new int[last + 1];
            int which = 0;
            for (Span hours : painter.hours()) {
                which++;
                for (int m = hours.from(); m < Math.min(hours.to(), last + 1); m++) {
                    works[m] = true;
                    span[m] = which;
                }
            }
            for (String id : steps.keySet()) {
                if (painterOf.get(id).equals(painter.id())) {
                    for (int m = start.get(id);
                            m < start.get(id) + steps.get(id).minutes();
                            m++) {
                        if (strip[m] != null) {
                            objections.add(painter.id() + " does " + strip[m] + " and " + id + " at " + m);
                        }
                        strip[m] = id;
                        if (!works[m]) {
                            objections.add(painter.id() + " works at " + m + " on " + id + ", out of hours");
                        }
                        if (span[m] != span[start.get(id)]) {
                            objections.add(id + " straddles a break");
                        }
                    }
                    if (steps.get(id).skill().isPresent()
                            && !painter.skills().contains(steps.get(id).skill().get())) {
                        objections.add(painter.id() + " cannot do " + id);
                    }
                }
            }
            // backwards from each beginning: as many free minutes of the same span as the way takes
            String before = null;
            for (int m = 0; m <= last; m++) {
                String here = strip[m];
                if (here != null && !here.equals(before)) {
                    String from = before == null
                            ? painter.at().orElse(null)
                            : flatOf.get(before).id();
                    Workload.Flat to = flatOf.get(here);
                    int way = from == null
                            ? load.depot()
                            : from.equals(to.id())
                                    ? 0
                                    : load.travel().get(building(load, from)).get(to.building());
                    for (int back = 1; back <= way; back++) {
                        int at = m - back;
                        if (at < 0 || strip[at] != null || !works[at] || span[at] != span[m] || at < to.release()) {
                            objections.add("no way to " + here + " at " + m);
                            break;
                        }
                    }
                    before = here;
                }
            }
        }
        for (Workload.Flat flat : load.flats()) {
            for (Workload.Room room : flat.rooms()) {
                for (int i = 0; i < room.steps().size(); i++) {
                    Workload.Step step = room.steps().get(i);
                    int begins = start.get(step.id());
                    if (begins < flat.release() || begins < step.earliest()) {
                        objections.add(step.id() + " begins too early");
                    }
                    if (i > 0) {
                        Workload.Step earlier = room.steps().get(i - 1);
                        int ended = start.get(earlier.id()) + earlier.minutes();
                        if (!isDry(room.air(), ended, begins, earlier.lagMin())) {
                            objections.add(step.id() + " begins on something wet");
                        }
                        if (earlier.lagMax().isPresent()
                                && begins - ended > earlier.lagMax().getAsInt()) {
                            objections.add(step.id() + " comes too late after " + earlier.id());
                        }
                    }
                    if (!flat.access().isEmpty()
                            && flat.access().stream()
                                    .noneMatch(open -> open.from() <= begins && begins + step.minutes() <= open.to())) {
                        objections.add(step.id() + " while the house is closed");
                    }
                }
            }
            for (Workload.Link link : flat.links()) {
                if (start.get(link.to())
                                < start.get(link.from())
                                        + steps.get(link.from()).minutes()
                                        + link.lagMin()
                        && flat.rooms().stream().allMatch(room -> room.air().isEmpty())) {
                    objections.add(link.to() + " before " + link.from());
                }
            }
        }
        return objections;
    }

    private static boolean isDry(List<Double> air, int from, int to, int wait) {
        if (air.isEmpty()) {
            return to - from >= wait;
        }
        double dried = 0;
        for (int m = from; m < to && dried < wait; m++) {
            int hour = m / 60;
            while (hour >= air.size()) {
                hour -= Math.min(24, air.size());
            }
            dried += air.get(hour);
        }
        return dried >= wait - 1e-6;
    }

    private static int building(Workload load, String flat) {
        return load.flats().stream()
                .filter(each -> each.id().equals(flat))
                .findFirst()
                .orElseThrow()
                .building();
    }
}
