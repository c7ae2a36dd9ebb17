package lumko.app.tables;

import java.util.List;
import java.util.Optional;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.PaintFields;
import lumko.app.catalogue.Paints;
import lumko.app.catalogue.Product;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.quantity.Limits;
import lumko.core.quantity.Volume;
import org.springframework.stereotype.Component;

/** Tins by label. One that is on record is put where the table says, with what it says is left: that is how stock is taken. */
@Component
class TinTaker implements Taker {
    private static final Limits LEFT = new Limits("left in the tin", 0, Paints.TIN_SIZE.high(), "L");

    private final Store store;
    private final PaintFields fields;
    private final Speaker speaker;

    TinTaker(Store store, PaintFields fields, Speaker speaker) {
        this.store = store;
        this.fields = fields;
        this.speaker = speaker;
    }

    @Override
    public TableKind kind() {
        return TableKind.TINS;
    }

    @Override
    public void undo(Done done) {
        if (done.what() == What.TIN_CHANGED) {
            store.putDown(done.id(), Volume.ofLitres(done.litres()), done.place(), done.number());
        } else {
            store.takeOut(done.id());
        }
    }

    @Override
    public Run begin(List<Done> done) {
        return row -> take(row, done);
    }

    private Outcome take(Form row, List<Done> done) {
        String label = row.text("label", 12);
        Optional<Tin> there = store.labelled(label);
        Volume size = row.litres("size", Paints.TIN_SIZE);
        Volume left = row.typed("left-in-tin").isEmpty() ? size : row.litres("left-in-tin", LEFT);
        String place = row.text("place", 80);
        Optional<Product> product = fields.product(row, "productId");
        Optional<Colour> colour = fields.colour(row, "colourId");
        String batch = row.optionalText("batch", 30);
        String tintedAt = row.optionalText("tintedAt", 80);
        if (!row.hasErrors() && left.compareTo(there.map(Tin::size).orElse(size)) > 0) {
            row.refuse(
                    "left-in-tin",
                    speaker.words()
                            .say(
                                    "refused.moreThanTin",
                                    left,
                                    there.map(Tin::size).orElse(size)));
        }
        if (row.hasErrors()) {
            return Outcome.refused();
        }
        if (there.isEmpty()) {
            done.add(Done.made(
                    What.TIN,
                    store.addTin(
                            label,
                            product.orElseThrow().id(),
                            colour.orElseThrow().id(),
                            batch,
                            size,
                            left,
                            place,
                            tintedAt)));
            return new Outcome(Result.MADE, label);
        }
        Tin tin = there.get();
        if (Math.abs(tin.left().inLitres() - left.inLitres()) < 1e-6
                && tin.place().equals(place)) {
            return new Outcome(Result.THERE, label);
        }
        int version = store.putDown(tin.id(), left, place, tin.version());
        done.add(new Done(What.TIN_CHANGED, tin.id(), version, tin.left().inLitres(), tin.place()));
        return new Outcome(
                Result.CHANGED, speaker.words().say("table.tinChanged", label, tin.left(), left, tin.place(), place));
    }
}
