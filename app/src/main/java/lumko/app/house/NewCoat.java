package lumko.app.house;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import lumko.core.drying.Climate;
import lumko.core.record.Layer;

/** A layer about to be recorded on top of those that are there. */
public record NewCoat(
        Layer layer,
        Optional<UUID> product,
        Optional<UUID> colour,
        Optional<UUID> tin,
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
                Optional.empty(),
                OptionalInt.empty(),
                appliedOn,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                note);
    }

    /** A finish coat of a known paint. */
    public static NewCoat finish(UUID product, UUID colour, Optional<UUID> tin, LocalDate appliedOn, String note) {
        return new NewCoat(
                Layer.FINISH,
                Optional.of(product),
                Optional.of(colour),
                tin,
                OptionalInt.empty(),
                Optional.of(appliedOn),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                note);
    }
}
