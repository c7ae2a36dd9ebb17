package lumko.calc;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import lumko.core.colour.Lab;
import lumko.core.colour.Srgb;
import lumko.core.colour.Xyz;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** Screen colours by the standards. */
@Command(
        name = "srgb",
        description = "A screen colour: reads hex (#rrggbb) and adds x,y,z,l,a,b,lrv (D65, 2°).",
        footer = {"", "Example:", "  printf 'hex\\n#e6dece\\n' | ./lumko calc srgb"},
        mixinStandardHelpOptions = true)
final class SrgbCommand implements Callable<Integer> {
    @Mixin
    private final Table table = new Table();

    @Override
    public Integer call() throws Exception {
        table.extend(List.of("hex"), List.of("x", "y", "z", "l", "a", "b", "lrv"), row -> {
            Srgb srgb = row.attempt("hex", () -> Srgb.ofHex(row.text("hex")));
            Xyz xyz = srgb.xyz();
            Lab lab = srgb.lab();
            return Stream.of(xyz.x(), xyz.y(), xyz.z(), lab.lightness(), lab.a(), lab.b(), xyz.y())
                    .map(String::valueOf)
                    .toList();
        });
        return 0;
    }
}
