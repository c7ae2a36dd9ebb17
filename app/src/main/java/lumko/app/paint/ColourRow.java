package lumko.app.paint;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.colour.Srgb;

@Entity
@Table(name = "colour")
class ColourRow extends EditableRow {
    String name = "";
    String code = "";
    String screenHex = "";

    protected ColourRow() {}

    ColourRow(UUID id, String name, String code, Srgb screen) {
        super(id);
        this.name = name;
        this.code = code;
        this.screenHex = screen.hex();
    }

    Colour colour() {
        return new Colour(id(), name, code, Srgb.ofHex(screenHex));
    }
}
