package lumko.app.walk;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import lumko.app.paint.Colour;
import lumko.app.paint.Paint;
import lumko.core.film.Cover;
import lumko.core.film.DataSheet;
import lumko.core.film.Hiding;

/** How paints cover what is there; the hiding of each is worked out once a look. */
final class Covers {
    private final Map<Paint, Hiding> hiding = new HashMap<>();

    Cover of(Optional<Paint> next, Optional<Colour> there) {
        Optional<DataSheet> known = next.flatMap(paint -> paint.product().sheet());
        if (known.isEmpty() || there.isEmpty()) {
            return new Cover(known, OptionalInt.empty());
        }
        DataSheet sheet = known.get();
        Hiding paint = hiding.computeIfAbsent(
                next.orElseThrow(),
                each -> Hiding.of(each.colour().spectrum(), sheet.contrastRatio(), sheet.dryMicrometres()));
        return new Cover(
                known,
                OptionalInt.of(paint.over(there.get().spectrum(), sheet.dryMicrometres())
                        .needed()));
    }
}
