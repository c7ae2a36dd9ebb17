package lumko.calc.job;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lumko.cases.Situation;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.figure.FigureGroup;
import lumko.core.figure.FigureSource;
import tools.jackson.databind.JsonNode;

/** Which verdicts of the cases hang on which assumed figure: each is halved and made half as large again, the others stay. */
final class Assumptions {
    private static final double[] FACTORS = {0.5, 1.5};

    private final List<JsonNode> cases;
    private final Map<String, String> before = new LinkedHashMap<>();

    Assumptions(List<JsonNode> cases) {
        this.cases = cases;
        cases.forEach(one -> before.put(id(one), verdict(one, Catalogue.starting())));
    }

    private static String id(JsonNode one) {
        return one.get("id").asString();
    }

    private static String verdict(JsonNode one, Catalogue figures) {
        JobPlan plan = JobAnswer.plan(Situation.asJob(one.get("situation")), figures);
        return plan.surfaces().getFirst().action();
    }

    void print(PrintStream out) {
        out.println("| figure | starts at | half of it | half as large again |");
        out.println("| --- | --- | --- | --- |");
        for (Figure figure : Figure.values()) {
            boolean isOfVerdict = figure.group() == FigureGroup.VERDICT || figure.group() == FigureGroup.EYE;
            if (isOfVerdict && figure.source() == FigureSource.ASSUMED) {
                String changes = Arrays.stream(FACTORS)
                        .mapToObj(factor -> changed(figure, factor))
                        .collect(Collectors.joining(" | "));
                out.println("| " + figure + " | " + figure.startingValue() + " | " + changes + " |");
            }
        }
    }

    private String changed(Figure figure, double factor) {
        double value = Math.clamp(figure.startingValue() * factor, figure.low(), figure.high());
        Catalogue figures = Catalogue.starting().with(figure, value);
        List<String> changed = new ArrayList<>();
        for (JsonNode one : cases) {
            String now = verdict(one, figures);
            String was = before.get(id(one));
            if (!now.equals(was)) {
                changed.add(id(one) + " " + was + " → " + now);
            }
        }
        return changed.isEmpty() ? "–" : String.join(", ", changed);
    }
}
