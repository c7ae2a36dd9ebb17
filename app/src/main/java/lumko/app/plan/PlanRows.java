package lumko.app.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Plans in the database as they are read: which is in force, its pieces and flats, what is settled, where heaters stand. */
@Component
class PlanRows {
    private final PlanRepository plans;
    private final PieceRepository pieces;
    private final PlannedFlatRepository flats;
    private final LockRepository locks;
    private final HeaterRepository heaters;

    PlanRows(
            PlanRepository plans,
            PieceRepository pieces,
            PlannedFlatRepository flats,
            LockRepository locks,
            HeaterRepository heaters) {
        this.plans = plans;
        this.pieces = pieces;
        this.flats = flats;
        this.locks = locks;
        this.heaters = heaters;
    }

    Optional<PlanRow> inForce() {
        return plans.findByState(PlanState.IN_FORCE);
    }

    /** What is offered, that with the fewest changes first. */
    List<PlanRow> offered() {
        return plans.findAllByStateOrderByChanges(PlanState.OFFERED);
    }

    List<PieceRow> pieces(PlanRow plan) {
        return pieces.findByPlanIdOrderByBeginsAtAscKeyAsc(plan.id());
    }

    List<PlannedFlatRow> flats(PlanRow plan) {
        return flats.findByPlanId(plan.id());
    }

    /** What is settled, by piece. */
    Map<String, LockRow> locks() {
        return locks.findAll().stream().collect(Collectors.toMap(lock -> lock.key, Function.identity()));
    }

    /** The turnovers of flats with a heater. */
    Set<UUID> heated() {
        return heaters.findAll().stream().map(row -> row.turnoverId).collect(Collectors.toSet());
    }

    boolean isHeated(UUID turnoverId) {
        return heaters.findByTurnoverId(turnoverId).isPresent();
    }
}
