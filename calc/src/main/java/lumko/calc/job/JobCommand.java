package lumko.calc.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import lumko.calc.Document;
import lumko.cases.Shapes;
import lumko.cases.Vocabulary;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** A whole job: verdicts, plan, amounts. */
@Command(
        name = "job",
        description = {
            "What to do with each surface of a job, and how. Reads JSON: house_year, people, air, days_to_viewing, practice,",
            "tins, and rooms with their surfaces: what is on them, what goes on, marks, features (all fields: --schema).",
            "Writes for each surface the verdict and its options (minutes, litres, hours, chance that it shows, what speaks",
            "against it), for each marked place how it is made good, the activities in their order with surfaces, minutes,",
            "tools, amounts and cautions, what waits for what and how long, what to buy, and when all of it is dry."
        },
        footer = {
            "",
            "Example:",
            "  echo '{\"house_year\":1998,\"people\":1,\"air\":{\"temperature_c\":21,\"humidity_pct\":50,\"air\":\"moving\"},",
            "  \"days_to_viewing\":14,\"rooms\":[{\"name\":\"Bedroom\",\"room\":\"bedroom\",\"surfaces\":[{\"name\":\"A\",",
            "  \"surface\":\"wall\",\"substrate\":\"skim plaster\",\"size_m\":[3.2,2.4],\"goes_on\":null,\"job\":\"to do\",",
            "  \"on_it\":{\"film\":{\"binder\":\"waterborne\",\"sheen\":\"matt\",\"layer\":\"finish\"},\"gloss60\":3,\"lightness\":88,",
            "  \"chroma\":6,\"years\":1.3,\"basis\":\"same tin\"},\"window_light\":\"facing\",\"marks\":[{\"kind\":\"nail hole\",",
            "  \"count\":5,\"across_mm\":2,\"up_m\":1.55}]}]}]}' | ./lumko calc job"
        },
        mixinStandardHelpOptions = true)
public final class JobCommand implements Callable<Integer> {
    @Mixin
    private final Document document = new Document();

    @Option(names = "--schema", description = "writes the shapes and words of a job instead, as JSON")
    private boolean isSchema;

    @Override
    public Integer call() throws Exception {
        if (isSchema) {
            document.write(schema());
            return 0;
        }
        var job = document.read().json();
        Shapes.read().check(job, "job", "");
        document.write(asJson(JobAnswer.plan(job)));
        return 0;
    }

    static Map<String, Object> schema() {
        Map<String, Object> shapes = new LinkedHashMap<>();
        List<String> reached = new ArrayList<>(List.of("job"));
        for (int n = 0; n < reached.size(); n++) {
            Map<String, Object> fields = new LinkedHashMap<>();
            for (Shapes.Field field : Shapes.read().fields(reached.get(n))) {
                Map<String, Object> one = new LinkedHashMap<>();
                one.put("type", field.type());
                one.put("must", field.isMust());
                if (!field.meaning().isEmpty()) {
                    one.put("meaning", field.meaning());
                }
                fields.put(field.name(), one);
                String[] parts = field.type().replace("?", "").split(" ");
                if ((parts[0].equals("one") || parts[0].equals("many")) && !reached.contains(parts[1])) {
                    reached.add(parts[1]);
                }
            }
            shapes.put(reached.get(n), fields);
        }
        Map<String, Object> words = new LinkedHashMap<>();
        Vocabulary vocabulary = Vocabulary.read();
        for (String list : vocabulary.lists()) {
            Map<String, String> meanings = new LinkedHashMap<>();
            vocabulary.entries(list).forEach(word -> meanings.put(word.word(), word.meaning()));
            words.put(list, meanings);
        }
        return Map.of("shapes", shapes, "words", words);
    }

    private static Map<String, Object> asJson(JobPlan plan) {
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("surfaces", plan.surfaces());
        answer.put("places", plan.places());
        answer.put("activities", plan.activities());
        answer.put("links", plan.links());
        answer.put("purchases", plan.purchases());
        answer.put("end_hours", plan.endHours());
        answer.put("says", plan.says());
        answer.put("rules", plan.rules());
        return answer;
    }
}
