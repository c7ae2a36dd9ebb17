package lumko.app.house;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import lumko.core.geometry.StairLine;
import lumko.core.quantity.Length;

/** Where stairs run along the foot of a wall, as it is kept: in millimetres. */
@Embeddable
record StairsColumns(
        @Column(name = "stairs_left_mm") Double left,
        @Column(name = "stairs_right_mm") Double right,
        @Column(name = "stairs_from_mm") Double from,
        @Column(name = "stairs_until_mm") Double until) {

    static StairsColumns of(StairLine line) {
        return new StairsColumns(
                line.left().inMillimetres(),
                line.right().inMillimetres(),
                line.from().inMillimetres(),
                line.until().inMillimetres());
    }

    StairLine line() {
        return new StairLine(
                Length.ofMillimetres(left),
                Length.ofMillimetres(right),
                Length.ofMillimetres(from),
                Length.ofMillimetres(until));
    }
}
