package lumko.calc.job;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import lumko.cases.Cases;
import lumko.cases.Situation;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.JsonNode;

/** Cases: jobs as good painters would have them, held against what the core answers. */
@Command(
        name = "cases",
        description = {
            "Holds the core against cases, one JSON object a line: a situation, and what a good painter does about it.",
            "Every expectation is held, failed (with what stands there instead) or not judged (with the reason).",
            "Prints what failed and what was not judged, and counts. Ends with 1 if any failed, with 2 if a line is no case."
        },
        footer = {"", "Example:", "  ./lumko calc cases cases.jsonl"},
        mixinStandardHelpOptions = true)
public final class CasesCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "the cases, a JSON object a line")
    private Path file = Path.of("");

    @Option(names = "--all", description = "prints what is held as well")
    private boolean isAll;

    @Option(
            names = "--assumptions",
            description =
                    "prints, as a table, which verdicts change where a figure of the verdict that is assumed is half or"
                            + " half as large again")
    private boolean isVaried;

    @Override
    public Integer call() throws Exception {
        if (isVaried) {
            new Assumptions(Cases.read(file)).print(new PrintStream(System.out, true, StandardCharsets.UTF_8));
            return 0;
        }
        List<Held> judged = new ArrayList<>();
        List<JsonNode> cases = Cases.read(file);
        for (JsonNode each : cases) {
            judged.addAll(judge(each));
        }
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        for (Held held : judged) {
            if (isAll || held.answer() != Held.Answer.HELD) {
                out.println(held.caseId() + " " + words(held.answer()) + ": " + held.expectation()
                        + (held.why().isEmpty() ? "" : " — " + held.why()));
            }
        }
        out.println(cases.size() + " cases, " + count(judged, Held.Answer.HELD) + " expectations held, "
                + count(judged, Held.Answer.FAILED) + " failed, " + count(judged, Held.Answer.NOT_JUDGED)
                + " not judged; "
                + judged.stream()
                        .filter(Held::isFailed)
                        .map(Held::caseId)
                        .distinct()
                        .count()
                + " cases with a failure");
        return judged.stream().anyMatch(Held::isFailed) ? 1 : 0;
    }

    private static String words(Held.Answer answer) {
        return switch (answer) {
            case HELD -> "held";
            case FAILED -> "failed";
            case NOT_JUDGED -> "not judged";
        };
    }

    private static long count(List<Held> judged, Held.Answer answer) {
        return judged.stream().filter(held -> held.answer() == answer).count();
    }

    /** Every expectation of a case, judged against what the core answers to its situation. */
    static List<Held> judge(JsonNode one) {
        return CaseJudge.judge(one, JobAnswer.plan(Situation.asJob(one.get("situation"))));
    }
}
