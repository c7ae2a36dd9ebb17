package lumko.app.house;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import lumko.core.geometry.RoofLine;
import lumko.core.quantity.Length;
import org.jspecify.annotations.Nullable;

/** Where a roof cuts a wall off, as it is kept: in millimetres. */
@Embeddable
record RoofColumns(
        @Column(name = "roof_left_mm") Double left,
        @Column(name = "roof_right_mm") Double right,
        @Column(name = "peak_from_left_mm") @Nullable Double peakFromLeft,
        @Column(name = "peak_high_mm") @Nullable Double peakHigh,
        @Column(name = "peak_level_mm") @Nullable Double peakLevel) {

    static RoofColumns of(RoofLine line) {
        Optional<RoofLine.Peak> peak = line.peak();
        return new RoofColumns(
                line.left().inMillimetres(),
                line.right().inMillimetres(),
                peak.map(at -> at.fromLeft().inMillimetres()).orElse(null),
                peak.map(at -> at.height().inMillimetres()).orElse(null),
                peak.map(at -> at.level().inMillimetres()).orElse(null));
    }

    RoofLine line() {
        return new RoofLine(Length.ofMillimetres(left), Length.ofMillimetres(right), peak());
    }

    private Optional<RoofLine.Peak> peak() {
        if (peakFromLeft == null || peakHigh == null || peakLevel == null) {
            return Optional.empty();
        }
        return Optional.of(new RoofLine.Peak(
                Length.ofMillimetres(peakFromLeft), Length.ofMillimetres(peakHigh), Length.ofMillimetres(peakLevel)));
    }
}
