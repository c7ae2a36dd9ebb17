package lumko.calc;

import java.util.List;
import java.util.concurrent.Callable;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.quantity.Limits;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** Colour differences of pairs. */
@Command(
        name = "difference",
        description = "CIEDE2000 of two colours: reads l1,a1,b1,l2,a2,b2 and adds de00.",
        footer = {
            "",
            "Example:",
            "  printf 'l1,a1,b1,l2,a2,b2\\n50,2.6772,-79.7751,50,0,-82.7485\\n' | ./lumko calc difference"
        },
        mixinStandardHelpOptions = true)
final class DifferenceCommand implements Callable<Integer> {
    private static final Limits LIGHTNESS = new Limits("lightness", 0, 200, "");
    private static final Limits OPPONENT = new Limits("a or b", -500, 500, "");

    @Mixin
    private final Table table = new Table();

    @Override
    public Integer call() throws Exception {
        table.extend(
                List.of("l1", "a1", "b1", "l2", "a2", "b2"),
                List.of("de00"),
                row -> List.of(String.valueOf(ColourDifference.between(lab(row, "1"), lab(row, "2")))));
        return 0;
    }

    private static Lab lab(Table.Row row, String which) {
        return new Lab(
                row.number("l" + which, LIGHTNESS),
                row.number("a" + which, OPPONENT),
                row.number("b" + which, OPPONENT));
    }
}
