package lumko.app.catalogue;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "colour")
final class ColourRow extends MergeableRow {
    String name = "";
    String code = "";
    String maker = "";
    String formula = "";
    String screenHex = "";

    @Column(name = "start_nm")
    @Nullable
    Integer startNanometres;

    double @Nullable [] factors;

    @Column(name = "lab_l")
    @Nullable
    Double labLightness;

    @Column(name = "lab_a")
    @Nullable
    Double labA;

    @Column(name = "lab_b")
    @Nullable
    Double labB;

    protected ColourRow() {}

    ColourRow(UUID id, String name, String code, Srgb screen) {
        super(id);
        this.name = name;
        this.code = code;
        this.screenHex = screen.hex();
    }

    /** What it was measured to be; the screen shows it from then on. */
    void measured(Spectrum spectrum) {
        startNanometres = spectrum.start();
        factors = spectrum.factors();
        screenHex = Srgb.of(spectrum).srgb().hex();
    }

    /** What its card says, in daylight for the 10° observer. */
    void given(Lab lab) {
        labLightness = lab.lightness();
        labA = lab.a();
        labB = lab.b();
        screenHex =
                Srgb.of(SmoothReflectance.of(lab, Colorimetry.DAYLIGHT)).srgb().hex();
    }

    @Override
    String enteredAs() {
        return name;
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
                        : Optional.of(Spectrum.of(startNanometres, factors)),
                labLightness == null || labA == null || labB == null
                        ? Optional.empty()
                        : Optional.of(new Lab(labLightness, labA, labB)),
                version());
    }
}
