package lumko.calc.job;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Phase;
import lumko.core.job.Order;
import lumko.core.job.Rule;
import lumko.core.job.Slot;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** The order of the work as a graph: which kind of activity comes after which, and why. */
@Command(
        name = "order",
        description = {
            "The order of the work as a graph in the DOT language: which activity comes after which, and why.",
            "What follows from other arrows is left out, and so is packing up, which comes after everything."
        },
        footer = {"", "Example:", "  ./lumko calc order --school TRIM_FIRST | dot -Tsvg"},
        mixinStandardHelpOptions = true)
public final class OrderCommand implements Runnable {
    @Option(names = "--school", description = "an answer that is not the usual one: ${COMPLETION-CANDIDATES}")
    private List<School> schools = List.of();

    private record Arrow(Slot from, Slot to) {}

    @Override
    public void run() {
        Practice practice = Practice.STARTING;
        for (School school : schools) {
            practice = practice.with(school);
        }
        Map<Arrow, Rule> arrows = arrows(new Order(practice));
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        out.println("digraph order {");
        out.println("  graph [rankdir=TB, nodesep=0.15, ranksep=0.35, fontname=\"sans-serif\", newrank=true]");
        out.println("  node [shape=box, fontname=\"sans-serif\", fontsize=13, height=0.3, margin=\"0.1,0.04\"]");
        out.println("  edge [fontname=\"sans-serif\", fontsize=9, fontcolor=\"#444444\", arrowsize=0.6]");
        Set<Slot> slots = new LinkedHashSet<>();
        arrows.keySet().forEach(arrow -> {
            slots.add(arrow.from());
            slots.add(arrow.to());
        });
        for (Slot slot : slots) {
            out.println("  \"" + slot + "\" [label=\"" + words(slot) + "\", style=filled, fillcolor=\""
                    + shade(slot.kind().phase()) + "\"]");
        }
        arrows.forEach((arrow, rule) -> out.println("  \"" + arrow.from() + "\" -> \"" + arrow.to() + "\" [label=\""
                + rule.limit().map(OrderCommand::words).orElse(words(rule.why())) + "\""
                + (rule.limit().isPresent() ? ", style=bold" : "") + "]"));
        out.println("}");
    }

    /** Each with the rule that says so first; without those that others already lead to. */
    private static Map<Arrow, Rule> arrows(Order order) {
        Map<Arrow, Rule> all = new LinkedHashMap<>();
        for (Rule rule : order.rules()) {
            for (Slot from : rule.before()) {
                for (Slot to : rule.after()) {
                    if (isDrawn(rule, from, to)) {
                        all.merge(
                                new Arrow(from, to),
                                rule,
                                (known, other) -> other.limit().isPresent() ? other : known);
                    }
                }
            }
        }
        Map<Slot, Set<Slot>> next = all.keySet().stream()
                .collect(Collectors.groupingBy(Arrow::from, Collectors.mapping(Arrow::to, Collectors.toSet())));
        Map<Arrow, Rule> drawn = new LinkedHashMap<>();
        all.forEach((arrow, rule) -> {
            if (rule.limit().isPresent() || !isLedTo(arrow, next)) {
                drawn.put(arrow, rule);
            }
        });
        return drawn;
    }

    private static boolean isDrawn(Rule rule, Slot from, Slot to) {
        // a wall in a colour of its own comes after the others, whatever is done to it
        return rule.scope() != Rule.Scope.ACCENT && to.kind() != ActivityKind.PACK_UP && !from.equals(to);
    }

    private static boolean isLedTo(Arrow arrow, Map<Slot, Set<Slot>> next) {
        Deque<Slot> open = new ArrayDeque<>(next.getOrDefault(arrow.from(), Set.of()));
        open.remove(arrow.to());
        Set<Slot> seen = new HashSet<>(open);
        while (!open.isEmpty()) {
            for (Slot after : next.getOrDefault(open.remove(), Set.of())) {
                if (after.equals(arrow.to())) {
                    return true;
                }
                if (seen.add(after)) {
                    open.add(after);
                }
            }
        }
        return false;
    }

    private static String words(Slot slot) {
        return words(slot.kind()) + (slot.round() == 0 ? "" : ", later");
    }

    private static String words(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static String shade(Phase phase) {
        return switch (phase) {
            case OPEN, CLOSE -> "#ffffff";
            case PROTECT -> "#efefef";
            case PREPARE -> "#dddddd";
            case COAT -> "#c6c6c6";
            case TRIM -> "#b0b0b0";
        };
    }
}
