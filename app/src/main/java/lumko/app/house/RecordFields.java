package lumko.app.house;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Limits;
import org.springframework.stereotype.Component;

/** Fields that several forms of the record have. */
@Component
class RecordFields {
    static final Limits YEAR = new Limits("year", 1500, 2100, "");
    static final Limits FLAT_NUMBER = new Limits("number", 1, 9999, "");
    static final Limits WINDOW = new Limits("window", 0, 60, "");
    static final Limits PLACE = new Limits("place", 0, Wall.WIDTH.high(), "mm");
    static final Limits SIZE = new Limits("size", 1, Wall.WIDTH.high(), "mm");

    private final Speaker speaker;

    RecordFields(Speaker speaker) {
        this.speaker = speaker;
    }

    /** A house as it is typed. */
    House house(Form form, UUID id) {
        return new House(
                id,
                form.text("houseName", 120),
                form.whole("builtYear", YEAR),
                form.one("roof", Roof.class),
                form.yes("texturedCoating"));
    }

    /**
     * When something was, as far as anybody knows.
     *
     * @param day a day; of a year alone its middle
     * @param note that it was about then; empty where the day is known
     */
    record About(Optional<LocalDate> day, String note) {}

    /** A day, a year alone, or nothing. */
    About about(Form form, String field) {
        String typed = form.typed(field);
        if (!typed.matches("\\d{4}")) {
            Optional<LocalDate> day = form.optionalDate(field);
            day.filter(on -> on.isAfter(speaker.today()))
                    .ifPresent(on -> form.refuse(field, speaker.words().say("refused.future", on)));
            return new About(day, "");
        }
        int year =
                form.whole(field, new Limits("year", YEAR.low(), speaker.today().getYear(), ""));
        return form.hasErrors()
                ? new About(Optional.empty(), "")
                : new About(Optional.of(middle(year)), speaker.words().say("setup.about", String.valueOf(year)));
    }

    /** Of the year that runs, no day that is still to come. */
    private LocalDate middle(int year) {
        LocalDate middle = LocalDate.of(year, 7, 1);
        return middle.isAfter(speaker.today()) ? LocalDate.of(year, 1, 1) : middle;
    }
}
