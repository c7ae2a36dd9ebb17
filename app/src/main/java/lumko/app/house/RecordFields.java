package lumko.app.house;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.platform.Form;
import lumko.app.platform.Plain;
import lumko.app.platform.RefusedException;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.core.geometry.Outline;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WallsInTurn;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import org.springframework.stereotype.Component;

/** Fields that several forms of the record have. */
@Component
public class RecordFields {
    public static final Limits YEAR = new Limits("year", 1500, 2100, "");
    /** As many letters as a flat's number or name has at most. */
    public static final int LONGEST_NUMBER = 12;

    static final int HIGHEST_FLOOR = 60;
    private static final Limits WINDOW = new Limits("window", 1, 61, "");

    static final Limits PLACE = new Limits("place", 0, Wall.WIDTH.high(), "mm");
    static final Limits SIZE = new Limits("size", 1, Wall.WIDTH.high(), "mm");

    private static final Pattern TURN = Pattern.compile("\\b(?:right|left|r|l)\\b", Pattern.CASE_INSENSITIVE);

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

    /** A floor as people count them there. @return 0 for the ground floor */
    public int floor(Form form, String field) {
        int ground = speaker.words().floor(0);
        return form.whole(field, new Limits("floor", ground, HIGHEST_FLOOR + ground, "")) - ground;
    }

    /** Which window from the left. @return 0 for the first */
    public int bay(Form form) {
        return form.whole("bay", WINDOW) - 1;
    }

    /** A room by its walls one after the other, or by length and width; empty, with a sentence at its field, where it is neither. */
    public Optional<WallsInTurn> outline(Form form) {
        if (form.typed("walls").isEmpty()) {
            Length length = form.metres("length", Wall.WIDTH);
            Length width = form.metres("width", Wall.WIDTH);
            return form.hasErrors()
                    ? Optional.empty()
                    : Optional.of(new WallsInTurn(Outline.rectangle(length, width), Length.ZERO, Length.ZERO));
        }
        return inTurn(form);
    }

    /** A room by its walls one after the other; empty, with a sentence at its field, where that is none. */
    Optional<WallsInTurn> inTurn(Form form) {
        return form.attempt("walls", () -> WallsInTurn.of(legs(form)));
    }

    /** A room as it would be typed wall by wall. */
    String inTurn(Outline outline) {
        Words words = speaker.words();
        return WallsInTurn.legsOf(outline).stream()
                .map(leg -> words.tape(leg.length()) + " " + words.say("turn." + leg.turn()))
                .collect(Collectors.joining(", "));
    }

    /** Where one has come by the walls that are typed so far, or by length and width; empty where there is none yet. */
    List<Outline.Corner> pathSoFar(Form form) {
        if (!form.typed("walls").isEmpty()) {
            List<WallsInTurn.Leg> known = new ArrayList<>();
            form.attempt("walls", () -> legs(form, known));
            return known.isEmpty() ? List.of() : WallsInTurn.path(known);
        }
        Optional<Length> length = form.length(form.typed("length"));
        Optional<Length> width = form.length(form.typed("width"));
        if (length.isEmpty() || width.isEmpty()) {
            return List.of();
        }
        return WallsInTurn.path(Stream.of(length, width, length, width)
                .map(wall -> new WallsInTurn.Leg(wall.orElseThrow(), WallsInTurn.Turn.RIGHT))
                .toList());
    }

    private static List<WallsInTurn.Leg> legs(Form form) {
        return legs(form, new ArrayList<>());
    }

    /** @param legs gets what can be read, one after the other */
    private static List<WallsInTurn.Leg> legs(Form form, List<WallsInTurn.Leg> legs) {
        String typed = form.typed("walls");
        Matcher turn = TURN.matcher(typed);
        int from = 0;
        while (turn.find()) {
            legs.add(leg(
                    form,
                    typed.substring(from, turn.start()),
                    turn.group().toLowerCase(Locale.ROOT).startsWith("r")
                            ? WallsInTurn.Turn.RIGHT
                            : WallsInTurn.Turn.LEFT));
            from = turn.end();
        }
        if (!typed.substring(from).isBlank()) {
            // after the last wall one stands where one began, and turns as one stood then
            legs.add(leg(form, typed.substring(from), WallsInTurn.Turn.RIGHT));
        }
        return legs;
    }

    private static WallsInTurn.Leg leg(Form form, String typed, WallsInTurn.Turn turn) {
        String length = typed.replaceAll("^[\\s,;]+", "").strip();
        return new WallsInTurn.Leg(
                form.length(length).orElseThrow(() -> new RefusedException("refused.walls", Plain.quoted(length))),
                turn);
    }

    /**
     * When something was, as far as anybody knows.
     *
     * @param day a day; of a year alone its middle
     * @param note that it was about then; empty where the day is known
     */
    public record About(Optional<LocalDate> day, String note) {}

    /** A day, a year alone, or nothing. */
    public About about(Form form, String field) {
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
                : new About(Optional.of(middle(year)), Coat.about(year, speaker.words()));
    }

    /** Of the year that runs, no day that is still to come. */
    private LocalDate middle(int year) {
        LocalDate middle = LocalDate.of(year, 7, 1);
        return middle.isAfter(speaker.today()) ? LocalDate.of(year, 1, 1) : middle;
    }
}
