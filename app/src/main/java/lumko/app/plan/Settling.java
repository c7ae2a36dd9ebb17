package lumko.app.plan;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.figure.Figures;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Houses;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.core.turnover.FlatWork;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who does a piece of work, or when, and where a heater stands: what plans from then on keep to. */
@Service
@Transactional
class Settling {
    private final PlanRepository plans;
    private final PieceRepository pieces;
    private final LockRepository locks;
    private final HeaterRepository heaters;
    private final Searches searches;
    private final Houses houses;
    private final Figures figures;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Settling(
            PlanRepository plans,
            PieceRepository pieces,
            LockRepository locks,
            HeaterRepository heaters,
            Searches searches,
            Houses houses,
            Figures figures,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.plans = plans;
        this.pieces = pieces;
        this.locks = locks;
        this.heaters = heaters;
        this.searches = searches;
        this.houses = houses;
        this.figures = figures;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    /**
     * Settles who does a piece of work, or when, or both; plans from then on keep to it.
     *
     * @throws NotNowException if nothing was said
     */
    public void settle(String key, Optional<UUID> person, Optional<Instant> begins) {
        access.requireLead();
        if (person.isEmpty() && begins.isEmpty()) {
            throw new NotNowException("denied.nothingSettled");
        }
        PieceRow piece = piece(key);
        locks.findByKey(key).ifPresent(locks::delete);
        locks.flush();
        LockRow lock = new LockRow(piece.turnoverId, key);
        lock.personId = person.orElse(null);
        lock.beginsAt = begins.orElse(null);
        lock.settledBy = access.member().personId();
        lock.settledAt = clock.instant();
        locks.save(lock);
        history.note(Subject.flat(piece.flatId), EventKind.PLAN_SETTLED, piece.kind);
        searches.ask();
    }

    /**
     * Puts a heater into a flat, or takes it out.
     *
     * @throws NotNowException if there are none
     */
    public void heat(UUID flatId, boolean isHeated) {
        access.requireLead();
        if (isHeated && !FlatWork.things(figures.catalogue()).containsKey(FlatWork.HEATER)) {
            throw new NotNowException("denied.noHeaters");
        }
        UUID turnoverId = houses.flat(flatId)
                .turnover()
                .orElseThrow(NotFoundException::new)
                .id();
        Optional<HeaterRow> before = heaters.findByTurnoverId(turnoverId);
        if (before.isPresent() == isHeated) {
            return;
        }
        before.ifPresentOrElse(
                heaters::delete,
                () -> heaters.save(new HeaterRow(turnoverId, access.member().personId(), clock.instant())));
        history.note(
                Subject.flat(flatId),
                EventKind.PLAN_SETTLED,
                speaker.words().say(isHeated ? "plan.heaterIn" : "plan.heaterOut"));
        searches.ask();
    }

    public void letFree(String key) {
        access.requireLead();
        locks.findByKey(key).ifPresent(locks::delete);
        searches.ask();
    }

    private PieceRow piece(String key) {
        PlanRow inForce = plans.findByState(PlanState.IN_FORCE).orElseThrow(NotFoundException::new);
        return pieces.findByPlanIdAndKey(inForce.id(), key).orElseThrow(NotFoundException::new);
    }
}
