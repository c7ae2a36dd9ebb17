package lumko.app.tables;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.app.catalogue.ColourCard;
import lumko.app.catalogue.Paints;
import lumko.app.platform.Form;
import lumko.core.colour.Srgb;
import org.springframework.stereotype.Component;

/** Colours by name and how a screen shows them, with what is on their cards. Spectra come in by their own formats. */
@Component
class ColourTaker implements Taker {
    private final Paints paints;

    ColourTaker(Paints paints) {
        this.paints = paints;
    }

    @Override
    public TableKind kind() {
        return TableKind.COLOURS;
    }

    @Override
    public void undo(Done done) {
        paints.removeColour(done.id());
    }

    @Override
    public Run begin(List<Done> done) {
        return row -> take(row, done);
    }

    private Outcome take(Form row, List<Done> done) {
        String name = row.text("colourName", 80);
        if (!name.isEmpty() && paints.hasColour(name)) {
            return new Outcome(Result.THERE, name);
        }
        ColourCard card = ColourCard.read(row);
        Optional<Srgb> screen = row.hex("screen");
        if (row.hasErrors()) {
            return Outcome.refused();
        }
        UUID id = paints.addColour(name, card.code(), card.maker(), card.formula(), screen.orElseThrow());
        card.lab().ifPresent(lab -> paints.give(id, lab));
        done.add(Done.made(What.COLOUR, id));
        return new Outcome(Result.MADE, name);
    }
}
