package lumko.app.catalogue;

import java.util.ArrayList;
import java.util.List;
import lumko.app.platform.Form;
import lumko.app.platform.Plain;
import lumko.app.platform.RefusedException;
import lumko.core.paint.Binder;
import lumko.core.paint.Sheen;
import lumko.core.quantity.Volume;

/** A product that is about to go on record. */
public record NewProduct(
        String maker,
        String line,
        String name,
        PaintKind kind,
        Base base,
        Sheen sheen,
        double gloss60,
        Binder binder,
        List<Volume> soldIn) {
    /** A product as it is typed; what cannot be has its sentence in the form. */
    public static NewProduct read(Form form) {
        return new NewProduct(
                form.text("maker", 80),
                form.optionalText("line", 80),
                form.text("product", 80),
                form.called("kind", PaintKind.class, PaintKind.WALL),
                form.called("base", Base.class, Base.WHITE),
                form.called("sheen", Sheen.class, Sheen.MATT),
                form.number("gloss", Paints.GLOSS),
                form.called("binder", Binder.class, Binder.WATERBORNE),
                sizes(form));
    }

    /** Tin sizes on sale, in litres, separated by spaces. */
    private static List<Volume> sizes(Form form) {
        List<Volume> sizes = new ArrayList<>();
        for (String part : form.typed("sizes").replace(',', '.').split("\\s+")) {
            if (!part.isEmpty()) {
                form.attempt(
                                "sizes",
                                () -> Volume.ofLitres(Paints.TIN_SIZE.check(Plain.number(part)
                                        .orElseThrow(() -> new RefusedException("refused.sizes", Plain.quoted(part))))))
                        .ifPresent(sizes::add);
            }
        }
        return sizes.stream().distinct().toList();
    }
}
