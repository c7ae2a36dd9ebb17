package lumko.app.house;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;

/** Which numbers and which windows of a house are given to flats. */
public record FlatPlaces(List<At> all) {
    /**
     * A flat of the house.
     *
     * @param floor 0 for the ground floor
     * @param bay which window from the left, 0 for the first
     */
    public record At(UUID flatId, String number, int floor, int bay) {}

    public FlatPlaces {
        all = List.copyOf(all);
    }

    /** The doors behind which they are, in the house that they are of. */
    List<Houses.Door> doors(House house) {
        return all.stream()
                .map(flat -> new Houses.Door(flat.flatId(), house, flat.number()))
                .toList();
    }

    /** Whether there is a flat with a number, however it is written. */
    public boolean has(String number) {
        return all.stream().anyMatch(flat -> flat.number().equalsIgnoreCase(number));
    }

    /** The flat behind a window. */
    public Optional<At> behind(int floor, int bay) {
        return all.stream()
                .filter(flat -> flat.floor() == floor && flat.bay() == bay)
                .findFirst();
    }

    /** The first window of a floor, from the left, that no flat has. */
    public int free(int floor) {
        return IntStream.iterate(0, bay -> bay + 1)
                .filter(bay -> behind(floor, bay).isEmpty())
                .findFirst()
                .orElseThrow();
    }

    /** The floor above the highest that has a flat; the ground floor where there is none yet. */
    public int nextFloor() {
        return all.stream().mapToInt(flat -> flat.floor() + 1).max().orElse(0);
    }

    /** The number after the highest, of flats that have no more than a number. */
    public int nextNumber() {
        return 1
                + all.stream()
                        .map(At::number)
                        .filter(number -> number.matches("[0-9]{1,4}"))
                        .mapToInt(Integer::parseInt)
                        .max()
                        .orElse(0);
    }
}
