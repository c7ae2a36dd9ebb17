package lumko.app.paint;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "colour")
class ColourRow extends EditableRow {
    String name = "";
    String code = "";
    String maker = "";
    String formula = "";
    String screenHex = "";

    @Column(name = "start_nm")
    @Nullable
    Integer startNanometres;

    double @Nullable [] factors;

    @Nullable
    UUID mergedInto;

    protected ColourRow() {}

    ColourRow(UUID id, String name, String code, Srgb screen) {
        super(id);
        this.name = name;
        this.code = code;
        this.screenHex = screen.hex();
    }

    void measured(Spectrum spectrum) {
        startNanometres = spectrum.start();
        factors = spectrum.factors();
    }

    Colour colour() {
        return new Colour(
                id(),
                name,
                code,
                maker,
                formula,
                Srgb.ofHex(screenHex),
                startNanometres == null || factors == null
                        ? Optional.empty()
                        : Optional.of(Spectrum.of(startNanometres, factors)));
    }
}
