package lumko.calc;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import lumko.core.drying.Climate;
import lumko.core.drying.Drying.DoesNotDry;
import lumko.core.drying.Drying.Dries;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.DryingModel;
import lumko.core.figure.Catalogue;
import lumko.core.quantity.Length;
import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;
import lumko.core.quantity.Times;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** Waits of layers in given air. What does not dry at all takes {@code inf} hours. */
@Command(
        name = "drying",
        description = {
            "How long a layer takes to dry: reads material,thickness_mm,temperature_c,humidity_pct,air",
            "and adds earliest_h,likely_h,safe_h (hours; inf where the air is too cold or too damp).",
            "Materials: spackle, drying-compound, setting-compound, two-part, plaster, caulk, primer, emulsion,",
            "trim-water, trim-solvent. Air: still or moving."
        },
        footer = {
            "",
            "Example:",
            "  printf 'material,thickness_mm,temperature_c,humidity_pct,air\\ndrying-compound,3,16,50,moving\\n' | ./lumko calc drying"
        },
        mixinStandardHelpOptions = true)
final class DryingCommand implements Callable<Integer> {
    private static final List<String> NEEDED =
            List.of("material", "thickness_mm", "temperature_c", "humidity_pct", "air");
    private static final List<String> ADDED = List.of("earliest_h", "likely_h", "safe_h");
    private static final Map<String, DryingMaterial> MATERIALS = materials();
    private static final Map<String, Climate.Air> AIRS =
            Map.of("still", Climate.Air.STILL, "moving", Climate.Air.MOVING);

    @Mixin
    private final Table table = new Table();

    private final DryingModel model = new DryingModel(Catalogue.starting());

    private static Map<String, DryingMaterial> materials() {
        Map<String, DryingMaterial> materials = new LinkedHashMap<>();
        materials.put("spackle", DryingMaterial.SPACKLE);
        materials.put("drying-compound", DryingMaterial.DRYING_COMPOUND);
        materials.put("setting-compound", DryingMaterial.SETTING_COMPOUND);
        materials.put("two-part", DryingMaterial.TWO_PART);
        materials.put("plaster", DryingMaterial.PLASTER);
        materials.put("caulk", DryingMaterial.CAULK);
        materials.put("primer", DryingMaterial.PRIMER);
        materials.put("emulsion", DryingMaterial.EMULSION);
        materials.put("trim-water", DryingMaterial.TRIM_WATER);
        materials.put("trim-solvent", DryingMaterial.TRIM_SOLVENT);
        return materials;
    }

    @Override
    public Integer call() throws Exception {
        table.extend(NEEDED, ADDED, this::hours);
        return 0;
    }

    private List<String> hours(Table.Row row) {
        DryingMaterial material = one(row, "material", MATERIALS);
        double thickness = row.number("thickness_mm", DryingModel.THICKNESS);
        double celsius = row.number("temperature_c", Temperature.RANGE);
        double percent = row.number("humidity_pct", RelativeHumidity.RANGE);
        Climate.Air air = one(row, "air", AIRS);
        return switch (model.wait(material, Length.ofMillimetres(thickness), Climate.of(celsius, percent, air))) {
            case Dries dries -> List.of(hours(dries.earliest()), hours(dries.likely()), hours(dries.safe()));
            case DoesNotDry ignored -> List.of("inf", "inf", "inf");
        };
    }

    private static String hours(Duration duration) {
        return String.valueOf(Times.inHours(duration));
    }

    private static <T> T one(Table.Row row, String column, Map<String, T> choices) {
        T chosen = choices.get(row.text(column));
        if (chosen == null) {
            throw new RefusedException(
                    row.line(),
                    column,
                    row.text(column),
                    String.join(", ", choices.keySet().stream().sorted().toList()));
        }
        return chosen;
    }
}
