package lumko.app.sheet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.OwnedRow;
import lumko.core.activity.Limit;
import lumko.core.activity.Precedence;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.activity.Why;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.Purpose;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import org.jspecify.annotations.Nullable;

/** One activity of a sheet comes before another; or a coat that was on a surface before the sheet, with the moment it was put on. */
@Entity
@Table(name = "sheet_precedence")
final class PrecedenceRow extends OwnedRow {
    UUID sheetId = new UUID(0, 0);

    @Nullable
    UUID fromStep;

    @Nullable
    Instant since;

    UUID toStep = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    Why why = Why.CRAFT;

    @Enumerated(EnumType.STRING)
    @Nullable
    DryingMaterial dryMaterial;

    @Column(name = "dry_thickness_mm")
    @Nullable
    Double dryThicknessMillimetres;

    @Column(name = "dry_sheet_h")
    @Nullable
    Double dryHoursBySheet;

    @Enumerated(EnumType.STRING)
    @Nullable
    Purpose dryFor;

    @Enumerated(EnumType.STRING)
    @Nullable
    Limit runsOut;

    protected PrecedenceRow() {}

    PrecedenceRow(UUID sheetId, UUID toStep, Precedence planned) {
        super(UUID.randomUUID());
        this.sheetId = sheetId;
        this.toStep = toStep;
        why = planned.why();
        Optional<Wet> wet = planned.drying().map(Wait::wet);
        dryMaterial = wet.map(Wet::material).orElse(null);
        dryThicknessMillimetres =
                wet.map(each -> each.thickness().inMillimetres()).orElse(null);
        dryHoursBySheet = wet.flatMap(Wet::bySheet).map(Times::inHours).orElse(null);
        dryFor = planned.drying().map(Wait::purpose).orElse(null);
        runsOut = planned.limit().orElse(null);
    }

    PrecedenceRow after(UUID step) {
        fromStep = step;
        return this;
    }

    PrecedenceRow since(Instant moment) {
        since = moment;
        return this;
    }

    /** What it is written from: the step, or this row where it is from a coat that was on before. */
    String from() {
        return (fromStep == null ? id() : fromStep).toString();
    }

    Precedence precedence() {
        Optional<Wait> drying = dryMaterial == null || dryThicknessMillimetres == null || dryFor == null
                ? Optional.empty()
                : Optional.of(new Wait(
                        new Wet(
                                dryMaterial,
                                Length.ofMillimetres(dryThicknessMillimetres),
                                Optional.ofNullable(dryHoursBySheet).map(Times::ofHours)),
                        dryFor));
        return new Precedence(from(), toStep.toString(), why, drying, Optional.ofNullable(runsOut));
    }
}
