package lumko.calc.job;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** The waits of a case against the links of a plan. */
final class CaseWaits {
    private static final List<String> MOMENTS =
            List.of("coat on it", "wetting ends", "tool in hand again", "sheen judged", "viewing");

    private final CaseJudge cases;

    CaseWaits(CaseJudge cases) {
        this.cases = cases;
    }

    void judge() {
        int n = 0;
        for (JsonNode wait : cases.expected().path("waits")) {
            wait(
                    wait,
                    "waits[" + n++ + "] " + wait.get("kind").asString() + " "
                            + wait.get("after").asString() + " → "
                            + wait.get("before").asString() + " " + wait.get("hours"));
        }
    }

    private void wait(JsonNode wait, String expectation) {
        String after = wait.get("after").asString();
        String before = wait.get("before").asString();
        if (MOMENTS.contains(after) || MOMENTS.contains(before)) {
            moment(wait, after, before, expectation);
            return;
        }
        Optional<Pair> pair = pair(after, before, cases.names(wait.path("of").asString("")), wait);
        if (pair.isEmpty()) {
            cases.notJudged(expectation, "the plan has no such after and before");
            return;
        }
        List<JobPlan.Link> links = cases.plan().links().stream()
                .filter(link -> link.from().equals(pair.get().after().id())
                        && link.to().equals(pair.get().before().id())
                        && holdsFor(link, wait))
                .toList();
        links(wait, links, expectation);
    }

    private record Pair(JobPlan.Activity after, JobPlan.Activity before) {}

    /** The first of what comes before, and the last of what it follows. */
    private Optional<Pair> pair(String after, String before, Set<String> on, JsonNode wait) {
        List<JobPlan.Activity> here = cases.plan().activities().stream()
                .filter(activity -> activity.surfaces().stream().anyMatch(on::contains) && isAt(activity, wait))
                .toList();
        for (int at = 0; at < here.size(); at++) {
            if (CaseJudge.is(here.get(at), before)) {
                JobPlan.Activity next = here.get(at);
                Optional<JobPlan.Activity> last = here.subList(0, at).stream()
                        .filter(activity -> CaseJudge.is(activity, after))
                        .reduce((one, other) -> other);
                if (last.isPresent()) {
                    return last.map(each -> new Pair(each, next));
                }
            }
        }
        return Optional.empty();
    }

    /** Whether an activity has to do with the mark that a wait is about; one without places has to do with all. */
    private boolean isAt(JobPlan.Activity activity, JsonNode wait) {
        if (!wait.has("mark")) {
            return true;
        }
        return activity.marks().isEmpty() || activity.marks().stream().anyMatch(mark -> mark.startsWith(place(wait)));
    }

    private static String place(JsonNode wait) {
        return wait.get("mark").asString() + " "
                + (wait.has("nth") ? String.valueOf(wait.get("nth").asInt()) : "");
    }

    private static boolean holdsFor(JobPlan.Link link, JsonNode wait) {
        return !wait.has("mark")
                || link.marks().isEmpty()
                || link.marks().stream().anyMatch(mark -> mark.startsWith(place(wait)));
    }

    private void links(JsonNode wait, List<JobPlan.Link> links, String expectation) {
        boolean isMin = wait.get("kind").asString().equals("min");
        List<JobPlan.Link> timed = links.stream()
                .filter(link -> (isMin ? link.minHours() : link.maxHours()).isPresent())
                .toList();
        if (timed.isEmpty()) {
            cases.failed(expectation, "the plan states no such limit");
            return;
        }
        if (wait.has("material")) {
            Set<String> materials = Set.of(wait.get("material").asString().split("\\|"));
            timed = timed.stream()
                    .filter(link -> materials.contains(link.material()))
                    .toList();
            if (timed.isEmpty()) {
                cases.notJudged(
                        expectation,
                        "the plan uses "
                                + links.stream()
                                        .map(JobPlan.Link::material)
                                        .distinct()
                                        .collect(Collectors.joining(", ")));
                return;
            }
        }
        ToDoubleFunction<JobPlan.Link> hours = link -> (isMin ? link.minHours() : link.maxHours()).orElseThrow();
        JobPlan.Link deciding = isMin
                ? timed.stream().max(Comparator.comparingDouble(hours)).orElseThrow()
                : timed.stream().min(Comparator.comparingDouble(hours)).orElseThrow();
        double value = hours.applyAsDouble(deciding);
        cases.check(expectation, CaseJudge.lies(value, wait.get("hours")), CaseJudge.shown(value) + " h");
    }

    /** Limits that hang on a moment rather than on an activity are stated by the plan as links from or to it. */
    private void moment(JsonNode wait, String after, String before, String expectation) {
        Set<String> on = cases.names(wait.path("of").asString(""));
        if (before.equals("viewing")) {
            viewing(wait, after, on, expectation);
            return;
        }
        Set<String> froms = idsOf(after, on);
        Set<String> tos = idsOf(before, Set.of());
        if (froms.isEmpty() || tos.isEmpty()) {
            cases.notJudged(expectation, "the plan has no such after and before");
            return;
        }
        List<JobPlan.Link> links = cases.plan().links().stream()
                .filter(link -> froms.contains(link.from())
                        && tos.contains(link.to())
                        && (link.surfaces().isEmpty()
                                || !after.equals("coat on it")
                                || link.surfaces().stream().anyMatch(on::contains))
                        && holdsFor(link, wait))
                .toList();
        links(wait, links, expectation);
    }

    private Set<String> idsOf(String alternatives, Set<String> on) {
        return MOMENTS.contains(alternatives)
                ? Set.of(alternatives)
                : cases.done(alternatives).stream()
                        .filter(activity ->
                                on.isEmpty() || activity.surfaces().stream().anyMatch(on::contains))
                        .map(JobPlan.Activity::id)
                        .collect(Collectors.toSet());
    }

    private void viewing(JsonNode wait, String after, Set<String> on, String expectation) {
        Optional<JobPlan.Activity> last = cases.done(after).stream()
                .filter(activity -> activity.surfaces().stream().anyMatch(on::contains))
                .reduce((one, other) -> other);
        JsonNode days = cases.expected().get("situation").get("days_to_viewing");
        if (last.isEmpty() || days.isNull()) {
            cases.notJudged(expectation, "the plan has no such after, or nobody is expected");
            return;
        }
        double hours = days.asDouble() * 24 - last.get().endHours();
        cases.check(expectation, CaseJudge.lies(hours, wait.get("hours")), CaseJudge.shown(hours) + " h");
    }
}
