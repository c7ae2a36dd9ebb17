package lumko.app.walk;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.fault.Condition;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.geometry.Spot;
import lumko.core.quantity.Length;
import lumko.core.repair.Mark;
import lumko.core.repair.Method;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "mark")
final class MarkRow extends EditableRow {
    UUID surfaceId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    FaultKind kind = FaultKind.NAIL_HOLE;

    @Column(name = "left_mm")
    double leftMillimetres;

    @Column(name = "above_floor_mm")
    double aboveFloorMillimetres;

    @Column(name = "across_mm")
    double acrossMillimetres;

    @Column(name = "up_mm")
    double upMillimetres;

    @Column(name = "depth_mm")
    double depthMillimetres;

    @Enumerated(EnumType.STRING)
    Condition.Edge edge = Condition.Edge.SOUND;

    @Enumerated(EnumType.STRING)
    Condition.Backing backing = Condition.Backing.HOLLOW;

    @Enumerated(EnumType.STRING)
    Condition.Movement movement = Condition.Movement.STILL;

    @Column(name = "single_ones")
    int count = 1;

    @Enumerated(EnumType.STRING)
    Condition.Turns turns = Condition.Turns.FREELY;

    @Enumerated(EnumType.STRING)
    Condition.Driven driven = Condition.Driven.FLUSH;

    @Enumerated(EnumType.STRING)
    Condition.Recurring recurring = Condition.Recurring.FIRST_SEEN;

    @Column(name = "offset_mm")
    double offsetMillimetres;

    @Enumerated(EnumType.STRING)
    Condition.Hold hold = Condition.Hold.FIRM;

    @Enumerated(EnumType.STRING)
    Condition.Cause cause = Condition.Cause.NOT_LOOKED_FOR;

    @Enumerated(EnumType.STRING)
    Condition.Owner owner = Condition.Owner.THIS_SURFACE;

    @Enumerated(EnumType.STRING)
    Condition.Freshness freshness = Condition.Freshness.AS_RECORDED;

    @Enumerated(EnumType.STRING)
    @Nullable
    Method method;

    UUID setBy = new UUID(0, 0);
    Instant setAt = Instant.EPOCH;

    @Nullable
    Instant removedAt;

    @Nullable
    UUID removedBy;

    @Nullable
    LocalDate madeGoodOn;

    protected MarkRow() {}

    MarkRow(UUID id, UUID surfaceId) {
        super(id);
        this.surfaceId = surfaceId;
    }

    void put(Mark mark) {
        kind = mark.fault().kind();
        leftMillimetres = mark.place().fromLeft().inMillimetres();
        aboveFloorMillimetres = mark.place().aboveFloor().inMillimetres();
        Measures measures = mark.fault().measures();
        acrossMillimetres = measures.across().inMillimetres();
        upMillimetres = measures.up().inMillimetres();
        depthMillimetres = measures.depth().inMillimetres();
        Condition condition = mark.fault().condition();
        edge = condition.edge();
        backing = condition.backing();
        movement = condition.movement();
        count = condition.count();
        turns = condition.turns();
        driven = condition.driven();
        recurring = condition.recurring();
        offsetMillimetres = condition.offset().inMillimetres();
        hold = condition.hold();
        cause = condition.cause();
        owner = condition.owner();
        freshness = condition.freshness();
        method = mark.wanted().orElse(null);
    }

    Mark mark() {
        return new Mark(
                Spot.ofMillimetres(leftMillimetres, aboveFloorMillimetres),
                kind.of(Measures.ofMillimetres(acrossMillimetres, upMillimetres, depthMillimetres), condition()),
                Optional.ofNullable(method));
    }

    private Condition condition() {
        return new Condition(
                edge,
                backing,
                movement,
                count,
                turns,
                driven,
                recurring,
                Length.ofMillimetres(offsetMillimetres),
                hold,
                cause,
                owner,
                freshness);
    }

    boolean isOpen() {
        return removedAt == null && madeGoodOn == null;
    }
}
