package lumko.calc.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.calc.job.Held.Answer;
import lumko.cases.BadOrderException;
import lumko.cases.Situation;
import lumko.cases.Vocabulary;
import tools.jackson.databind.JsonNode;

/** Holds a plan against what a case expects of it, by the rules of the cases: strict, nothing skipped. */
final class CaseJudge {

    private final String id;
    private final JsonNode expected;
    private final JobPlan plan;
    private final Vocabulary vocabulary = Vocabulary.read();
    private final List<Held> all = new ArrayList<>();

    private CaseJudge(JsonNode expected, JobPlan plan) {
        this.id = expected.get("id").asString();
        this.expected = expected;
        this.plan = plan;
    }

    /** Every expectation of a case, judged. */
    static List<Held> judge(JsonNode expected, JobPlan plan) {
        CaseJudge judge = new CaseJudge(expected, plan);
        judge.verdict();
        judge.methods();
        judge.steps(expected);
        judge.tools(expected);
        judge.amounts();
        new CaseWaits(judge).judge();
        judge.minutes();
        judge.cautions();
        judge.says();
        judge.neverDoes();
        judge.acrossFlats();
        return judge.all;
    }

    JsonNode expected() {
        return expected;
    }

    JobPlan plan() {
        return plan;
    }

    // ---- the three answers

    void held(String expectation) {
        all.add(new Held(id, expectation, Answer.HELD, ""));
    }

    void failed(String expectation, String instead) {
        all.add(new Held(id, expectation, Answer.FAILED, instead));
    }

    void notJudged(String expectation, String why) {
        all.add(new Held(id, expectation, Answer.NOT_JUDGED, why));
    }

    void check(String expectation, boolean holds, String instead) {
        if (holds) {
            held(expectation);
        } else {
            failed(expectation, instead);
        }
    }

    static String shown(double value) {
        return String.format(Locale.ROOT, Math.abs(value) < 10 ? "%.2f" : "%.0f", value);
    }

    static boolean lies(double value, JsonNode range) {
        double epsilon = 1e-9 + 1e-9 * Math.abs(value);
        return value >= range.get(0).asDouble() - epsilon
                && (range.get(1).isNull() || value <= range.get(1).asDouble() + epsilon);
    }

    private static List<String> texts(JsonNode array) {
        return array.valueStream().map(JsonNode::asString).toList();
    }

    // ---- the plan as the cases see it

    private List<JobPlan.Surface> surfaces(String of) {
        String group = of.isEmpty() ? Situation.THIS : of;
        return plan.surfaces().stream()
                .filter(surface -> surface.group().equals(group))
                .toList();
    }

    Set<String> names(String of) {
        return surfaces(of).stream().map(JobPlan.Surface::name).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    // ---- verdict and methods

    private void verdict() {
        List<String> accepted = texts(expected.get("verdict"));
        if (accepted.isEmpty()) {
            notJudged("verdict", "the case is not about the verdict");
            return;
        }
        String action = surfaces("").getFirst().action();
        check("verdict " + String.join("|", accepted), accepted.contains(action), action.isEmpty() ? "none" : action);
    }

    private void methods() {
        int n = 0;
        for (JsonNode method : expected.path("methods")) {
            String mark = method.get("mark").asString();
            int entry = method.path("nth").asInt(0);
            String where = "methods[" + n++ + "] " + mark + (entry > 0 ? " " + entry : "");
            List<JobPlan.Place> places = plan.places().stream()
                    .filter(place -> place.kind().equals(mark) && (entry == 0 || place.entry() == entry))
                    .toList();
            if (places.isEmpty()) {
                failed(where + " is", "no such place in the plan");
                for (String field : List.of("coats", "primer_coats", "film_coats", "knife_mm", "finished_across_mm")) {
                    if (method.has(field)) {
                        failed(where + " " + field, "no such place in the plan");
                    }
                }
                continue;
            }
            List<String> accepted = texts(method.get("is"));
            check(
                    where + " is " + String.join("|", accepted),
                    places.stream().allMatch(place -> accepted.contains(place.method())),
                    places.stream().map(JobPlan.Place::method).distinct().collect(Collectors.joining(", ")));
            range(method, "coats", where, places, JobPlan.Place::coats);
            range(method, "primer_coats", where, places, JobPlan.Place::primerCoats);
            range(method, "film_coats", where, places, JobPlan.Place::filmCoats);
            knives(method, where, places);
            range(method, "finished_across_mm", where, places, JobPlan.Place::finishedAcrossMillimetres);
        }
    }

    private void range(
            JsonNode method,
            String field,
            String where,
            List<JobPlan.Place> places,
            ToDoubleFunction<JobPlan.Place> measure) {
        if (method.has(field)) {
            JsonNode range = method.get(field);
            check(
                    where + " " + field + " " + range,
                    places.stream().allMatch(place -> lies(measure.applyAsDouble(place), range)),
                    places.stream()
                            .map(place -> shown(measure.applyAsDouble(place)))
                            .distinct()
                            .collect(Collectors.joining(", ")));
        }
    }

    private void knives(JsonNode method, String where, List<JobPlan.Place> places) {
        if (!method.has("knife_mm")) {
            return;
        }
        JsonNode range = method.get("knife_mm");
        List<Double> knives = places.stream()
                .flatMap(place -> place.knivesMillimetres().stream())
                .toList();
        String expectation = where + " knife_mm " + range;
        if (knives.isEmpty()) {
            notJudged(expectation, "the plan names no width");
        } else {
            check(
                    expectation,
                    knives.stream().allMatch(knife -> lies(knife, range)),
                    knives.stream().map(CaseJudge::shown).distinct().collect(Collectors.joining(", ")));
        }
    }

    // ---- steps and tools

    private void steps(JsonNode from) {
        if (from.has("steps_in_order")) {
            inOrder(texts(from.get("steps_in_order")));
        }
        for (JsonNode step : from.path("steps_must")) {
            must("steps_must", step.asString());
        }
        for (JsonNode step : from.path("steps_never")) {
            List<JobPlan.Activity> there = done(step.asString());
            check(
                    "steps_never " + step.asString(),
                    there.isEmpty(),
                    "it is done on "
                            + there.stream()
                                    .flatMap(activity -> activity.surfaces().stream())
                                    .distinct()
                                    .collect(Collectors.joining(", ")));
        }
        for (JsonNode condition : from.path("steps_if")) {
            Set<String> materials = Set.of(condition.get("material").asString().split("\\|"));
            boolean uses = surfaces("").stream()
                    .flatMap(surface -> surface.amounts().stream())
                    .anyMatch(amount -> materials.contains(amount.what()));
            for (JsonNode step : condition.get("steps_must")) {
                if (uses) {
                    must("steps_if " + condition.get("material").asString(), step.asString());
                } else {
                    notJudged(
                            "steps_if " + condition.get("material").asString() + " " + step.asString(),
                            "the plan does not use it");
                }
            }
        }
    }

    /** The longest beginning of the expected order that the plan has as a subsequence tells where it breaks off. */
    private void inOrder(List<String> wanted) {
        int at = 0;
        for (JobPlan.Activity activity : plan.activities()) {
            if (at < wanted.size() && is(activity, wanted.get(at))) {
                at++;
            }
        }
        String expectation = "steps_in_order " + String.join(" → ", wanted);
        if (at == wanted.size()) {
            held(expectation);
        } else {
            failed(
                    expectation,
                    (done(wanted.get(at)).isEmpty() ? "no " : "not in its place: ") + wanted.get(at) + " in "
                            + plan.activities().stream()
                                    .map(JobPlan.Activity::kind)
                                    .distinct()
                                    .collect(Collectors.joining(", ")));
        }
    }

    static boolean is(JobPlan.Activity activity, String alternatives) {
        return Arrays.asList(alternatives.split("\\|")).contains(activity.kind());
    }

    List<JobPlan.Activity> done(String alternatives) {
        return plan.activities().stream()
                .filter(activity -> is(activity, alternatives))
                .toList();
    }

    private void must(String field, String alternatives) {
        check(field + " " + alternatives, !done(alternatives).isEmpty(), "it is not in the plan");
    }

    private void tools(JsonNode from) {
        Set<String> carried = plan.activities().stream()
                .flatMap(activity -> activity.tools().stream())
                .collect(Collectors.toSet());
        for (JsonNode tool : from.path("tools")) {
            check(
                    "tools " + tool.asString(),
                    Stream.of(tool.asString().split("\\|")).anyMatch(carried::contains),
                    "it is not among the tools");
        }
        for (JsonNode tool : from.path("tools_never")) {
            check(
                    "tools_never " + tool.asString(),
                    !carried.contains(tool.asString()),
                    "for "
                            + plan.activities().stream()
                                    .filter(activity -> activity.tools().contains(tool.asString()))
                                    .map(JobPlan.Activity::kind)
                                    .distinct()
                                    .collect(Collectors.joining(", ")));
        }
    }

    // ---- amounts, minutes, cautions

    private void amounts() {
        for (JsonNode amount : expected.path("amounts")) {
            String what = amount.get("what").asString();
            String of = amount.path("of").asString("");
            String unit = Stream.of("litres", "m", "m2")
                    .filter(amount::has)
                    .findFirst()
                    .orElseThrow(() -> new BadOrderException("an amount has litres, m or m2"));
            Set<String> materials = Set.of(what.split("\\|"));
            double used = surfaces(of).stream()
                    .flatMap(surface -> surface.amounts().stream())
                    .filter(each ->
                            materials.contains(each.what()) && each.unit().equals(unit))
                    .mapToDouble(JobPlan.Amount::amount)
                    .sum();
            JsonNode range = amount.get(unit);
            check(
                    "amounts " + what + (of.isEmpty() ? "" : " of " + of) + " " + unit + " " + range,
                    lies(used, range),
                    shown(used) + " " + unit);
        }
    }

    private void minutes() {
        if (expected.has("minutes_hand")) {
            double minutes =
                    surfaces("").stream().mapToDouble(JobPlan.Surface::minutes).sum();
            JsonNode range = expected.get("minutes_hand");
            check("minutes_hand " + range, lies(minutes, range), shown(minutes));
        }
    }

    private void cautions() {
        Set<String> there = plan.activities().stream()
                .flatMap(activity -> activity.cautions().stream())
                .collect(Collectors.toSet());
        for (JsonNode caution : expected.path("cautions")) {
            check("cautions " + caution.asString(), there.contains(caution.asString()), "it is not among the cautions");
        }
        for (JsonNode caution : expected.path("cautions_never")) {
            check(
                    "cautions_never " + caution.asString(),
                    !there.contains(caution.asString()),
                    "at "
                            + plan.activities().stream()
                                    .filter(activity -> activity.cautions().contains(caution.asString()))
                                    .map(JobPlan.Activity::kind)
                                    .distinct()
                                    .collect(Collectors.joining(", ")));
        }
    }

    // ---- advice and rules

    private void says() {
        for (JsonNode says : expected.path("says")) {
            said("says " + says.asString(), says.asString());
        }
    }

    private void said(String expectation, String advice) {
        if (!vocabulary.isInTheCore("says", advice)) {
            notJudged(expectation, "the program has no such id");
        } else {
            check(expectation, plan.says().contains(advice), "it is not said");
        }
    }

    private void neverDoes() {
        for (JsonNode rule : expected.path("never_does")) {
            kept("never_does " + rule.asString(), rule.asString());
        }
    }

    private void kept(String expectation, String rule) {
        Boolean isKept = plan.rules().get(rule);
        if (isKept == null) {
            notJudged(expectation, "the program has no such id");
        } else {
            check(expectation, isKept, "the plan breaks it");
        }
    }

    private void acrossFlats() {
        JsonNode across = expected.path("across_flats");
        for (String field :
                List.of("steps_in_order", "steps_must", "steps_never", "tools", "waits", "says", "never_does")) {
            if (across.has(field)) {
                for (int n = 0;
                        n
                                < (field.equals("steps_in_order")
                                        ? 1
                                        : across.get(field).size());
                        n++) {
                    notJudged("across_flats " + field + "[" + n + "]", "the program plans only one flat");
                }
            }
        }
    }
}
