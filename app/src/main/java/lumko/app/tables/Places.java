package lumko.app.tables;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.house.Flat;
import lumko.app.house.House;
import lumko.app.house.Houses;
import lumko.app.house.RecordFields;
import lumko.app.platform.Form;
import lumko.app.platform.Plain;
import lumko.app.platform.Words;

/** The flats that rows of one table name, each read once. */
final class Places {
    private final Houses houses;
    private final Words words;
    private final Map<String, House> byName;
    private final Map<UUID, Map<String, UUID>> doors = new HashMap<>();
    private final Map<UUID, Flat> flats = new HashMap<>();

    Places(Houses houses, Words words) {
        this.houses = houses;
        this.words = words;
        byName = houses.all().stream()
                .collect(Collectors.toMap(house -> key(house.name()), house -> house, (one, other) -> one));
    }

    static String key(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /** The flat that a row names; empty, with a sentence at its field, where there is none. */
    Optional<Flat> flat(Form row) {
        String named = row.text("houseName", 120);
        String number = row.text("flatNumber", RecordFields.LONGEST_NUMBER);
        if (named.isEmpty() || number.isEmpty()) {
            return Optional.empty();
        }
        Optional<House> house = Optional.ofNullable(byName.get(key(named)));
        if (house.isEmpty()) {
            row.refuse("houseName", words.say("refused.noHouse", Plain.quoted(named)));
            return Optional.empty();
        }
        UUID houseId = house.get().id();
        Optional<UUID> id = Optional.ofNullable(doors.computeIfAbsent(
                        houseId,
                        of -> houses.doorsOf(List.of(of)).stream()
                                .collect(Collectors.toMap(door -> key(door.number()), Houses.Door::flatId)))
                .get(key(number)));
        if (id.isEmpty()) {
            row.refuse(
                    "flatNumber",
                    words.say(
                            "refused.flatFirst",
                            Plain.quoted(number),
                            house.get().name()));
        }
        return id.map(flat -> flats.computeIfAbsent(flat, houses::flat));
    }
}
