package lumko.app.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.Box;
import lumko.core.geometry.Opening;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import lumko.core.repair.Mark;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.support.ResourceBundleMessageSource;

class FormTest {
    private static Form form(UnitSystem units, String field, String typed) {
        ResourceBundleMessageSource messages = new ResourceBundleMessageSource();
        messages.setBasename("messages");
        messages.setDefaultEncoding("UTF-8");
        return new Form(Map.of(field, typed), new Words(messages, units, ZoneOffset.UTC));
    }

    private static Form metric(String field, String typed) {
        return form(UnitSystem.METRIC, field, typed);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0    | Length must be 0.1–30 m, was 0 m.",
                "-4   | Length must be 0.1–30 m, was -4 m.",
                "NaN  | Length must be a number (m), was “NaN”.",
                "long | Length must be a number (m), was “long”.",
                "''   | Length is missing."
            })
    void aLengthThatCannotBeIsNamedWithItsRange(String typed, String sentence) {
        Form form = metric("length", typed);
        form.metres("length", Wall.WIDTH);
        assertThat(form.error("length")).isEqualTo(sentence);
        assertThat(form.typed("length")).isEqualTo(typed);
        assertThatThrownBy(form::check).isInstanceOf(BadInputException.class).hasMessage(sentence);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"4.2 | 4200", "4,2 | 4200", " 4.2  | 4200"})
    void commasAndBlanksAreTaken(String typed, double millimetres) {
        Form form = metric("length", typed);
        assertThat(form.metres("length", Wall.WIDTH).inMillimetres()).isCloseTo(millimetres, Offset.offset(1e-6));
        form.check();
    }

    @Test
    void feetQuartsAndFahrenheitAreReadWhereTheyAreWritten() {
        assertThat(form(UnitSystem.US, "length", "10")
                        .metres("length", Wall.WIDTH)
                        .inMetres())
                .isCloseTo(3.048, Offset.offset(1e-9));
        assertThat(form(UnitSystem.US, "temperature", "70").celsius("temperature"))
                .isCloseTo(21.1, Offset.offset(0.02));
        assertThat(form(UnitSystem.US, "size", "1")
                        .litres("size", new Limits("size", 0, 200, "L"))
                        .inLitres())
                .isCloseTo(0.946352946, Offset.offset(1e-9));
        Form hot = form(UnitSystem.US, "temperature", "400");
        hot.celsius("temperature");
        assertThat(hot.error("temperature")).isEqualTo("Temperature must be −22–140 °F, was 400 °F.");
    }

    @Test
    void textHasItsLength() {
        Form form = metric("name", "x".repeat(61));
        form.text("name", 60);
        assertThat(form.error("name")).isEqualTo("Name can have 60 characters at most, had 61.");
    }

    @Test
    void choicesDatesAndWholeNumbers() {
        Form kind = metric("roomKind", "CELLAR");
        kind.one("roomKind", RoomKind.class);
        assertThat(kind.error("roomKind")).isEqualTo("Use must be one of the choices, was “CELLAR”.");
        Form none = metric("roomKind", "");
        none.one("roomKind", RoomKind.class);
        assertThat(none.error("roomKind")).isEqualTo("Use: choose one.");
        Form day = metric("viewingOn", "31.12.2026");
        assertThat(day.optionalDate("viewingOn")).isEmpty();
        assertThat(day.error("viewingOn")).isEqualTo("Viewing must be a date, was “31.12.2026”.");
        assertThat(metric("viewingOn", "2026-12-31").optionalDate("viewingOn")).contains(LocalDate.of(2026, 12, 31));
        Form half = metric("builtYear", "1911.5");
        half.whole("builtYear", new Limits("year", 1500, 2100, ""));
        assertThat(half.error("builtYear")).isEqualTo("Built in must be a whole number, was 1911.5.");
    }

    @Test
    void whyAShapeCannotBeBecomesTheSentenceAtTheField() {
        Form form = metric("left", "1");
        Wall wall = new Wall(
                Length.ofMetres(4),
                Length.ofMetres(2.5),
                Texture.SMOOTH,
                List.of(new Opening(Opening.Kind.DOOR, Box.ofMillimetres(0, 0, 900, 2000))),
                List.of());
        assertThat(form.attempt("left", () -> {
                    new Mark(Spot.ofMillimetres(400, 900), FaultKind.NAIL_HOLE.usualFault()).checkOn(wall);
                    return wall;
                }))
                .isEmpty();
        assertThat(form.error("left")).isEqualTo("That place is in the door, not on the wall.");
    }

    @Test
    void whatAFeatureRefusesIsSaidByItsKey() {
        Form form = metric("screen", "#12345");
        assertThat(form.hex("screen")).isEmpty();
        assertThat(form.error("screen")).isEqualTo("A screen colour is written like #d8c9a3, was “#12345”.");
    }

    @Test
    void whatTheCoreSaysToItsCallersNeverReachesThePage() {
        Form form = metric("viewingOn", "x");
        assertThat(form.attempt("viewingOn", () -> FaultKind.valueOf("x"))).isEmpty();
        assertThat(form.error("viewingOn")).isEqualTo("Viewing cannot be “x”.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {"US | 11'6\" | 3505.2", "US | 11.5 | 3505.2", "METRIC | 11'6\" | 3505.2", "METRIC | 350 cm | 3500"
            })
    void aLengthWithAUnitMeansThatUnit(UnitSystem units, String typed, double millimetres) {
        assertThat(form(units, "length", typed).metres("length", Wall.WIDTH).inMillimetres())
                .isCloseTo(millimetres, Offset.offset(0.01));
    }

    @Test
    void feetThatCannotBeAreNamedInFeet() {
        Form form = form(UnitSystem.US, "length", "0'1\"");
        form.metres("length", Wall.WIDTH);
        assertThat(form.error("length")).isEqualTo("Length must be 0.33–98.43 ft, was 0.08 ft.");
        Form broken = form(UnitSystem.US, "length", "8 1/0");
        broken.metres("length", Wall.WIDTH);
        assertThat(broken.error("length")).isEqualTo("Length must be a number (ft), was “8 1/0”.");
    }
}
