package lumko.app.sheet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.drying.Climate;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "sheet")
final class SheetRow extends EditableRow {
    UUID flatId = new UUID(0, 0);
    UUID turnoverId = new UUID(0, 0);
    UUID madeBy = new UUID(0, 0);
    Instant madeAt = Instant.EPOCH;

    @Column(name = "temperature_c")
    double temperatureCelsius;

    @Column(name = "humidity_pct")
    double humidityPercent;

    boolean movingAir;

    @Nullable
    Instant climateNotedAt;

    @Nullable
    UUID closedBy;

    @Nullable
    Instant closedAt;

    String modelVersion = "";
    String[] practice = {};

    @Enumerated(EnumType.STRING)
    Inspection.@Nullable Seen seen;

    String[] lookedFrom = {};

    @Nullable
    String seenWhere;

    protected SheetRow() {}

    SheetRow(UUID flatId, UUID turnoverId) {
        super(UUID.randomUUID());
        this.flatId = flatId;
        this.turnoverId = turnoverId;
    }

    /** The practice as it was when the sheet was made. */
    Practice practice() {
        Practice frozen = Practice.STARTING;
        for (String school : practice) {
            frozen = frozen.with(School.valueOf(school));
        }
        return frozen;
    }

    Optional<Inspection> inspection() {
        return Optional.ofNullable(seen)
                .map(said -> new Inspection(
                        said,
                        Arrays.stream(lookedFrom).map(Inspection.From::valueOf).toList(),
                        Optional.ofNullable(seenWhere).orElse("")));
    }

    Climate climate() {
        return Climate.of(temperatureCelsius, humidityPercent, movingAir ? Climate.Air.MOVING : Climate.Air.STILL);
    }

    void put(Climate climate) {
        temperatureCelsius = climate.temperature().inCelsius();
        humidityPercent = climate.humidity().inPercent();
        movingAir = climate.air() == Climate.Air.MOVING;
    }

    /**
     * When something was done on the sheet, as the device that sends it says: it may have been without signal for days, but was
     * not on the sheet before it was made, nor will it be tomorrow.
     */
    Instant when(Optional<Instant> said, Instant now) {
        return said.filter(then -> then.isAfter(madeAt) && then.isBefore(now)).orElse(now);
    }
}
