package lumko.app.sheet;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import lumko.app.platform.Words;
import lumko.app.store.Tin;
import lumko.core.activity.Material;
import lumko.core.activity.Pack;
import lumko.core.activity.Tool;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.Purpose;
import lumko.core.figure.Catalogue;
import lumko.core.job.Carried;
import lumko.core.job.Thinned;
import lumko.core.paint.DataSheet;
import lumko.core.quantity.Volume;
import lumko.core.schedule.Air;

/** What is carried to a job, in groups as a kit is packed, each with how much of it. */
public final class CarryView {
    /** From this chance on one more coat is worth carrying paint for. ASSUMPTION: less is the usual thin place. */
    private static final double WORTH_SAYING = 0.1;

    private final Sheet sheet;
    private final Catalogue figures;
    private final Words words;
    private final Carried carried;

    CarryView(Sheet sheet, Catalogue figures, Words words) {
        this.sheet = sheet;
        this.figures = figures;
        this.words = words;
        this.carried = Carried.of(
                new WorkGraph(sheet.steps().stream().map(SheetStep::activity).toList(), List.of(), List.of()), figures);
    }

    /** How many paints, and whether any has to be bought. */
    public String summary() {
        long bought = sheet.paints().stream().filter(PaintNeed::isBought).count();
        int paints = sheet.paints().size();
        if (paints == 1) {
            return words.say(bought == 0 ? "carry.paint1" : "carry.paint1ToBuy");
        }
        return bought == 0 ? words.say("carry.paints", paints) : words.say("carry.paintsToBuy", paints, bought);
    }

    /**
     * A paint that has to be bought.
     *
     * @param key which one
     * @param hereOn the day from which it is there, as a form has it; empty if it is not waited for
     */
    public record ToBuy(String key, String name, String hereOn) {}

    public List<ToBuy> toBuy() {
        return sheet.paints().stream()
                .filter(PaintNeed::isBought)
                .map(need -> new ToBuy(
                        need.paint().key(),
                        need.paint().name(),
                        need.hereOn().map(LocalDate::toString).orElse("")))
                .toList();
    }

    /** A group of the kit. */
    public record Group(String name, List<String> lines) {}

    public List<Group> groups() {
        List<Group> groups = new ArrayList<>();
        add(groups, "carry.paint", paints());
        add(groups, "carry.fill", materials(Material::isFiller));
        add(groups, "carry.prime", materials(each -> !each.isFiller() && !isForCleaning(each)));
        add(groups, "carry.clean", materials(CarryView::isForCleaning));
        add(groups, "carry.sheets", sheets());
        for (Tool.Group of : Tool.Group.values()) {
            String tools = sheet.tools().stream()
                    .filter(tool -> tool.group() == of)
                    .map(words::name)
                    .collect(Collectors.joining(", "));
            add(groups, "carry." + of.name(), tools.isEmpty() ? List.of() : List.of(tools));
        }
        return groups;
    }

    private void add(List<Group> groups, String key, List<String> lines) {
        if (!lines.isEmpty()) {
            groups.add(new Group(words.say(key), lines));
        }
    }

    private static boolean isForCleaning(Material material) {
        return material == Material.CLEANER || material == Material.MOULD_KILLER;
    }

    // ---- paints

    private List<String> paints() {
        List<String> lines =
                new ArrayList<>(sheet.paints().stream().map(this::paint).toList());
        if (carried.hasCorrections() && !lines.isEmpty()) {
            lines.add(words.say("carry.pots"));
        }
        return lines;
    }

    private String name(PaintNeed need) {
        return need.paint().colour().name() + ", " + need.paint().product().maker() + " "
                + need.paint().product().name() + " "
                + words.name(need.paint().product().sheen());
    }

    private String paint(PaintNeed need) {
        List<String> from = new ArrayList<>();
        need.open().forEach(tin -> from.add(tin(tin)));
        if (!need.buy().isEmpty()) {
            from.add(words.say("carry.buy", bought(need)));
        }
        if (need.missing().compareTo(Volume.ZERO) > 0) {
            from.add(words.say("carry.short", need.missing()));
        }
        need.hereOn().ifPresent(day -> from.add(words.say("carry.here", words.day(day))));
        if (need.isBoxed()) {
            from.add(words.say("carry.box"));
        }
        if (need.more().chance() >= WORTH_SAYING) {
            from.add(more(need));
        }
        return words.say("carry.of", name(need), need.litres(), String.join("; ", from));
    }

    /** What one more coat would take, and how much later the last would be dry. */
    private String more(PaintNeed need) {
        Wet coat =
                Wet.of(DryingMaterial.EMULSION, need.paint().product().sheet().flatMap(DataSheet::recoat));
        Duration dries = new Air(sheet.climate(), figures).likely(new Wait(coat, Purpose.RECOAT));
        return words.say(
                "carry.more",
                words.chance(need.more().chance()),
                need.more().paint(),
                need.more().hand().plus(dries));
    }

    private String tin(Tin tin) {
        return words.say("carry.tin", tin.label(), tin.place(), tin.left());
    }

    /** 2 × 2.5 L. */
    private String bought(PaintNeed need) {
        return need.buy().stream()
                .collect(Collectors.groupingBy(volume -> volume, LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(entry -> entry.getValue() + " × " + words.volume(entry.getKey()))
                .collect(Collectors.joining(" + "));
    }

    // ---- what is used up

    private List<String> materials(Predicate<Material> which) {
        return sheet.materials().entrySet().stream()
                .filter(entry -> which.test(entry.getKey()))
                .map(this::material)
                .toList();
    }

    private String material(Map.Entry<Material, Volume> used) {
        String name = words.name(used.getKey());
        if (used.getKey().isThinned()) {
            Thinned thinned = Thinned.of(used.getValue(), figures);
            return words.say("carry.thinned", name, used.getValue(), thinned.paint(), thinned.water());
        }
        Optional<Pack> pack = Pack.of(used.getKey());
        return pack.map(each -> words.say(
                        "carry.packs", name, each.countFor(used.getValue()), each.form(), each.size(), used.getValue()))
                .orElseGet(() -> name + ", " + words.volume(used.getValue()));
    }

    private List<String> sheets() {
        List<String> lines = new ArrayList<>();
        if (carried.sheets() > 0) {
            lines.add(words.say(carried.sheets() == 1 ? "carry.abrasive" : "carry.abrasives", carried.sheets()));
        }
        if (carried.rolls() > 0) {
            lines.add(words.say(carried.rolls() == 1 ? "carry.roll" : "carry.rolls", carried.rolls(), carried.tape()));
        }
        return lines;
    }
}
