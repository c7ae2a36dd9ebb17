package lumko.calc;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import lumko.core.plan.Plan;
import lumko.core.plan.Span;
import lumko.core.plan.Workload;
import lumko.core.plan.Workload.Flat;
import lumko.core.plan.Workload.Link;
import lumko.core.plan.Workload.Lock;
import lumko.core.plan.Workload.Painter;
import lumko.core.plan.Workload.Room;
import lumko.core.plan.Workload.Step;
import lumko.core.plan.Workload.Was;
import lumko.core.plan.Workload.Weights;

/** A workload and a plan as documents. */
final class PlanFile {
    /** The end of every calendar: a hundred years in minutes. */
    private static final int EVER = 52_560_000;

    private static final int YEAR = 525_600;

    private PlanFile() {}

    static Workload read(Document.Node document) {
        List<Painter> painters =
                document.at("painters").items().stream().map(PlanFile::painter).toList();
        List<Flat> flats =
                document.at("flats").items().stream().map(PlanFile::flat).toList();
        List<List<Integer>> travel = document.at("travel").items().stream()
                .map(row -> row.items().stream().map(way -> way.whole(0, YEAR)).toList())
                .toList();
        Map<String, Integer> things = new HashMap<>();
        if (document.isGiven("things")) {
            Document.Node given = document.at("things");
            given.json()
                    .propertyNames()
                    .forEach(name -> things.put(name, given.at(name).whole(1, 1000)));
        }
        int depot = document.whole("depot", 0, YEAR, 0);
        return document.attempt(() -> new Workload(painters, flats, travel, depot, weights(document), things));
    }

    private static Weights weights(Document.Node document) {
        Weights usual = Weights.USUAL;
        if (!document.isGiven("weights")) {
            return usual;
        }
        Document.Node given = document.at("weights");
        return new Weights(
                weight(given, "tardPerMin", usual.late()),
                weight(given, "curePerMin", usual.cure()),
                weight(given, "painterDay", usual.painterDay()),
                weight(given, "setupPerMin", usual.travel()),
                weight(given, "bagPerMin", usual.bag()),
                weight(given, "makespanPerMin", usual.span()),
                weight(given, "change", usual.change()));
    }

    private static double weight(Document.Node given, String field, double otherwise) {
        return given.isGiven(field) ? given.at(field).number(0, 1e9) : otherwise;
    }

    private static Painter painter(Document.Node node) {
        Set<String> skills = new HashSet<>();
        node.items("skills").forEach(skill -> skills.add(skill.text()));
        List<Span> hours = spans(node, "windows");
        return node.attempt(() -> new Painter(node.at("id").text(), skills, hours, text(node, "at")));
    }

    private static List<Span> spans(Document.Node node, String field) {
        return node.items(field).stream()
                .map(span -> {
                    List<Document.Node> ends = span.items();
                    if (ends.size() != 2) {
                        throw span.refused("two minutes, from and to");
                    }
                    return span.attempt(() ->
                            new Span(ends.get(0).whole(0, EVER), ends.get(1).whole(0, EVER)));
                })
                .toList();
    }

    private static Optional<String> text(Document.Node node, String field) {
        return node.isGiven(field) ? Optional.of(node.at(field).text()) : Optional.empty();
    }

    private static OptionalInt minutes(Document.Node node, String field) {
        return node.isGiven(field) ? OptionalInt.of(node.at(field).whole(0, EVER)) : OptionalInt.empty();
    }

    private static Flat flat(Document.Node node) {
        List<Room> rooms = node.at("rooms").items().stream()
                .map(room -> new Room(
                        room.at("id").text(),
                        room.items("air").stream()
                                .map(hour -> hour.number(0, 100))
                                .toList(),
                        room.at("steps").items().stream().map(PlanFile::step).toList()))
                .toList();
        List<Link> links = node.items("arcs").stream()
                .map(link -> new Link(
                        link.at("from").text(),
                        link.at("to").text(),
                        link.whole("lagMin", 0, YEAR, 0),
                        minutes(link, "lagMax")))
                .toList();
        return new Flat(
                node.at("id").text(),
                node.at("building").whole(0, Integer.MAX_VALUE),
                node.whole("release", 0, EVER, 0),
                node.at("due").whole(0, EVER),
                node.whole("weight", 0, 1000, 1),
                node.whole("cure", 0, YEAR, 0),
                spans(node, "access"),
                rooms,
                links);
    }

    private static Step step(Document.Node node) {
        return node.attempt(() -> new Step(
                node.at("id").text(),
                text(node, "name").orElse(""),
                node.at("dur").whole(1, YEAR),
                text(node, "skill"),
                node.whole("lagMin", 0, YEAR, 0),
                minutes(node, "lagMax"),
                minutes(node, "lagSoftMax"),
                node.whole("earliest", 0, EVER, 0),
                text(node, "thing"),
                lock(node),
                node.isGiven("was")
                        ? Optional.of(new Was(
                                node.at("was").at("painter").text(),
                                node.at("was").at("start").whole(0, EVER)))
                        : Optional.empty()));
    }

    private static Lock lock(Document.Node node) {
        if (node.isGiven("begun")) {
            Document.Node begun = node.at("begun");
            return new Lock.Fact(begun.at("painter").text(), begun.at("start").whole(0, EVER));
        }
        if (node.isGiven("lock")) {
            Document.Node lock = node.at("lock");
            return new Lock.Wish(text(lock, "painter"), minutes(lock, "start"));
        }
        return Lock.NONE;
    }

    static Map<String, Object> written(Workload load, Plan plan) {
        Map<String, Object> answer = new LinkedHashMap<>();
        List<Step> steps = load.steps();
        for (int s = 0; s < steps.size(); s++) {
            List<Object> placed = new ArrayList<>();
            placed.add(load.painters().get(plan.painter(s)).id());
            placed.add(plan.start(s));
            answer.put(steps.get(s).id(), placed);
        }
        return answer;
    }
}
