package lumko.app.tables;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lumko.app.house.House;
import lumko.app.house.Houses;
import lumko.app.house.OffRecord;
import lumko.app.house.RecordFields;
import lumko.app.house.Recording;
import lumko.app.house.Roof;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import org.springframework.stereotype.Component;

/** Houses with their flats, a row each flat. A flat without floor or window gets the next window of the ground floor. */
@Component
class FlatTaker implements Taker {
    private final Houses houses;
    private final Recording recording;
    private final OffRecord offRecord;
    private final RecordFields fields;
    private final Speaker speaker;

    FlatTaker(Houses houses, Recording recording, OffRecord offRecord, RecordFields fields, Speaker speaker) {
        this.houses = houses;
        this.recording = recording;
        this.offRecord = offRecord;
        this.fields = fields;
        this.speaker = speaker;
    }

    @Override
    public TableKind kind() {
        return TableKind.FLATS;
    }

    @Override
    public void undo(Done done) {
        if (done.what() == What.HOUSE) {
            offRecord.closeHouse(done.id());
        } else {
            offRecord.closeFlat(done.id());
        }
    }

    @Override
    public Run begin(List<Done> done) {
        Map<String, Built> known = new HashMap<>();
        houses.all().forEach(house -> known.put(Places.key(house.name()), new Built(house)));
        return row -> take(row, known, done);
    }

    /** A house with what stands in it, the flats of this table too. */
    private final class Built {
        private final UUID id;
        private final String name;
        private final Set<String> numbers = new HashSet<>();
        private final Set<List<Integer>> windows = new HashSet<>();
        private boolean isRead;

        private Built(House house) {
            this(house.id(), house.name());
        }

        private Built(UUID id, String name) {
            this.id = id;
            this.name = name;
        }

        private Built read() {
            if (!isRead) {
                isRead = true;
                houses.facades(List.of(houses.house(id))).getFirst().windows().forEach(window -> {
                    numbers.add(Places.key(window.number()));
                    windows.add(List.of(window.floor(), window.bay()));
                });
            }
            return this;
        }
    }

    private Outcome take(Form row, Map<String, Built> known, List<Done> done) {
        String name = row.text("houseName", 120);
        Optional<Built> house = Optional.ofNullable(known.get(Places.key(name))).map(Built::read);
        // what is said of a house that is there is put right on its own page
        int builtYear = house.isPresent() ? 0 : row.whole("builtYear", RecordFields.YEAR);
        Roof roof = row.called("roof", Roof.class, Roof.FLAT);
        boolean hasTexturedCoating = row.yes("texturedCoating");
        String number = row.optionalText("flatNumber", RecordFields.LONGEST_NUMBER);
        int floor = row.typed("floor").isEmpty() ? 0 : fields.floor(row, "floor");
        int bay = row.typed("bay").isEmpty()
                ? house.map(of -> nextWindow(of, floor)).orElse(0)
                : fields.bay(row);
        boolean isThere =
                house.filter(of -> of.numbers.contains(Places.key(number))).isPresent();
        if (!row.hasErrors()
                && !isThere
                && !number.isEmpty()
                && house.filter(of -> of.windows.contains(List.of(floor, bay))).isPresent()) {
            row.refuse(
                    "bay",
                    speaker.words()
                            .say("refused.windowTaken", name, speaker.words().floor(floor), bay + 1));
        }
        if (row.hasErrors()) {
            return Outcome.refused();
        }
        String what = number.isEmpty() ? name : name + " " + number;
        if (isThere || (house.isPresent() && number.isEmpty())) {
            return new Outcome(Result.THERE, what);
        }
        Built of = house.orElseGet(() -> {
            Built made = new Built(recording.addHouse(name, builtYear, roof, hasTexturedCoating), name);
            made.isRead = true;
            known.put(Places.key(name), made);
            done.add(Done.made(What.HOUSE, made.id));
            return made;
        });
        if (!number.isEmpty()) {
            done.add(Done.made(What.FLAT, recording.addFlat(of.id, number, floor, bay)));
            of.numbers.add(Places.key(number));
            of.windows.add(List.of(floor, bay));
        }
        return new Outcome(Result.MADE, number.isEmpty() ? of.name : of.name + " " + number);
    }

    private static int nextWindow(Built house, int floor) {
        int bay = 0;
        while (house.windows.contains(List.of(floor, bay))) {
            bay++;
        }
        return bay;
    }
}
