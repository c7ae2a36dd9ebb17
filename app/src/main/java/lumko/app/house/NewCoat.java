package lumko.app.house;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import lumko.core.drying.Climate;
import lumko.core.record.Layer;

/**
 * A layer about to be recorded on top of those that are there.
 *
 * @param tins what it came from: several where they were boxed
 * @param batch where only that is known of what it came from
 */
public record NewCoat(
        Layer layer,
        Optional<UUID> product,
        Optional<UUID> colour,
        List<UUID> tins,
        String batch,
        OptionalInt places,
        Optional<LocalDate> appliedOn,
        Optional<UUID> appliedBy,
        Optional<Climate> climate,
        Optional<UUID> sheet,
        String note) {
    /** A layer of which only its kind, day and a note are known. */
    public static NewCoat plain(Layer layer, Optional<LocalDate> appliedOn, String note) {
        return new NewCoat(
                layer,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                "",
                OptionalInt.empty(),
                appliedOn,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                note);
    }

    /** The same, written down by a sheet. */
    public NewCoat by(UUID sheetId) {
        return new NewCoat(
                layer, product, colour, tins, batch, places, appliedOn, appliedBy, climate, Optional.of(sheetId), note);
    }

    /** A finish coat of a known paint. */
    public static NewCoat finish(UUID product, UUID colour, Optional<UUID> tin, LocalDate appliedOn, String note) {
        return new NewCoat(
                Layer.FINISH,
                Optional.of(product),
                Optional.of(colour),
                tin.stream().toList(),
                "",
                OptionalInt.empty(),
                Optional.of(appliedOn),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                note);
    }
}
