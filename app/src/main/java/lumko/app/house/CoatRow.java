package lumko.app.house;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.platform.EditableRow;
import lumko.core.record.Layer;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "coat")
final class CoatRow extends EditableRow {
    UUID surfaceId = new UUID(0, 0);
    int position;

    @Enumerated(EnumType.STRING)
    Layer layer = Layer.UNKNOWN;

    @Nullable
    UUID productId;

    @Nullable
    UUID colourId;

    @Nullable
    UUID tinId;

    /** What was boxed with it. */
    UUID[] moreTins = {};

    String batch = "";

    @Nullable
    Integer places;

    @Nullable
    LocalDate appliedOn;

    @Nullable
    UUID appliedBy;

    @Column(name = "temperature_c")
    @Nullable
    Double temperatureCelsius;

    @Column(name = "humidity_pct")
    @Nullable
    Double humidityPercent;

    @Nullable
    UUID sheetId;

    String note = "";

    /** What it was painted from: one tin, or several boxed together. */
    Stream<UUID> tinIds() {
        return Stream.concat(Stream.ofNullable(tinId), Arrays.stream(moreTins));
    }

    protected CoatRow() {}

    CoatRow(UUID surfaceId, int position) {
        super(UUID.randomUUID());
        this.surfaceId = surfaceId;
        this.position = position;
    }

    static CoatRow of(UUID surfaceId, int position, NewCoat coat) {
        CoatRow row = new CoatRow(surfaceId, position);
        row.put(coat);
        row.appliedBy = coat.appliedBy().orElse(null);
        row.temperatureCelsius =
                coat.climate().map(air -> air.temperature().inCelsius()).orElse(null);
        row.humidityPercent =
                coat.climate().map(air -> air.humidity().inPercent()).orElse(null);
        row.sheetId = coat.sheet().orElse(null);
        return row;
    }

    /** What is known of a layer without who put it on, and in what air. Tins that were boxed stay together. */
    final void put(NewCoat coat) {
        layer = coat.layer();
        productId = coat.product().orElse(null);
        colourId = coat.colour().orElse(null);
        UUID first = coat.tins().stream().findFirst().orElse(null);
        if (coat.tins().size() > 1 || !Objects.equals(tinId, first)) {
            tinId = first;
            moreTins = coat.tins().stream().skip(1).toArray(UUID[]::new);
        }
        batch = coat.batch();
        places = coat.places().isPresent() ? coat.places().getAsInt() : null;
        appliedOn = coat.appliedOn().orElse(null);
        note = coat.note();
    }
}
