package lumko.app.catalogue;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import lumko.app.platform.Form;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import org.springframework.stereotype.Component;

/** Reads products and colours from forms by the names people type; a link carries an id. */
@Component
public class PaintFields {
    private final Paints paints;
    private final Speaker speaker;

    PaintFields(Paints paints, Speaker speaker) {
        this.paints = paints;
        this.speaker = speaker;
    }

    /** The product that was named; empty, with a sentence at the field, where none was. */
    public Optional<Product> product(Form form, String field) {
        PaintBook book = paints.book();
        return known(form, field, id -> Optional.ofNullable(book.products().get(id)), book::productNamed, "noProduct");
    }

    /** The colour that was named; empty, with a sentence at the field, where none was. */
    public Optional<Colour> colour(Form form, String field) {
        PaintBook book = paints.book();
        return known(form, field, id -> Optional.ofNullable(book.colours().get(id)), book::colourNamed, "noColour");
    }

    private <T> Optional<T> known(
            Form form,
            String field,
            Function<UUID, Optional<T>> byId,
            Function<String, Optional<T>> byName,
            String unknown) {
        String typed = form.typed(field);
        if (typed.isEmpty()) {
            form.refuse(
                    field, speaker.words().say("refused.empty", speaker.words().say("field." + field)));
            return Optional.empty();
        }
        Optional<T> found = Plain.id(typed).map(byId).orElseGet(() -> byName.apply(typed));
        if (found.isEmpty()) {
            form.refuse(field, speaker.words().say("refused." + unknown, Plain.quoted(typed)));
        }
        return found;
    }
}
