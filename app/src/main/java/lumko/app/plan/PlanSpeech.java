package lumko.app.plan;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.house.Houses;
import lumko.app.plan.PlanView.Person;
import lumko.app.plan.Strokes.Together;
import lumko.app.platform.Words;

/** How flats, people and pieces of work are called on the page of the plan. */
record PlanSpeech(Words words, Instant now, Map<UUID, Houses.Door> doors, Map<UUID, Person> personOf) {
    LocalDate day(Instant moment) {
        return LocalDate.ofInstant(moment, words.zone());
    }

    String letter(UUID person) {
        return Optional.ofNullable(personOf.get(person)).map(Person::letter).orElse("?");
    }

    String name(UUID person) {
        return Optional.ofNullable(personOf.get(person)).map(Person::name).orElse("");
    }

    String flat(UUID flat) {
        return Objects.requireNonNull(doors.get(flat)).name();
    }

    /** A piece of work in few letters. */
    String word(String kind) {
        return words.say("step." + kind)
                .split("[ ,]")[0]
                .toLowerCase(words.units().locale());
    }

    String what(Together stroke) {
        String kinds = stroke.kinds().stream().limit(3).map(this::said).collect(Collectors.joining(", "));
        String more = stroke.kinds().size() > 3
                ? ", " + words.say("plan.more", stroke.kinds().size() - 3)
                : "";
        String rooms = String.join(", ", stroke.rooms());
        return kinds + more + (rooms.isEmpty() ? "" : " (" + rooms + ")");
    }

    String said(String kind) {
        return words.say("step." + kind);
    }

    /** A stroke in a sentence: for the pointer that rests on it, and for who only listens. */
    String title(Together stroke) {
        return words.say(
                "plan.stroke",
                flat(stroke.flatId()),
                name(stroke.personId()),
                words.moment(stroke.from(), now),
                words.clock(stroke.to()),
                what(stroke));
    }

    /** A flat with how it stands against its day. */
    String heading(PlannedFlatRow row) {
        String flat = flat(row.flatId);
        if (row.dueAt == null) {
            return words.say("plan.ready", flat, words.moment(row.readyAt, now));
        }
        Duration late = row.lateBy();
        return late.isZero()
                ? words.say(
                        "plan.inTime",
                        flat,
                        words.moment(row.readyAt, now),
                        words.duration(Duration.between(row.readyAt, row.dueAt)))
                : words.say("plan.isLate", flat, words.duration(late));
    }
}
