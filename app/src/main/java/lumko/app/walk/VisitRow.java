package lumko.app.walk;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.PaintBook;
import lumko.app.platform.EditableRow;
import lumko.app.store.Tin;
import lumko.core.job.Action;
import lumko.core.job.BuildUp;
import lumko.core.record.Raw;
import org.jspecify.annotations.Nullable;

/** What was found out and decided on a wall during one turnover. */
@Entity
@Table(name = "wall_visit")
final class VisitRow extends EditableRow {
    UUID surfaceId = new UUID(0, 0);
    UUID turnoverId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    @Nullable
    PaintAnswer paintAnswer;

    @Nullable
    UUID asSurfaceId;

    @Enumerated(EnumType.STRING)
    @Nullable
    Raw raw;

    @Nullable
    LocalDate rawSince;

    @Nullable
    UUID tinId;

    @Nullable
    UUID productId;

    @Nullable
    UUID colourId;

    @Nullable
    Integer undercoats;

    @Nullable
    Integer finishCoats;

    @Nullable
    UUID answeredBy;

    @Enumerated(EnumType.STRING)
    @Nullable
    Action overruledAction;

    @Nullable
    String overruledWhy;

    @Nullable
    Instant walkedAt;

    protected VisitRow() {}

    VisitRow(UUID surfaceId, UUID turnoverId) {
        super(UUID.randomUUID());
        this.surfaceId = surfaceId;
        this.turnoverId = turnoverId;
    }

    Optional<OnIt> onIt() {
        return Optional.ofNullable(paintAnswer)
                .map(answer -> new OnIt(
                        answer,
                        Optional.ofNullable(asSurfaceId),
                        Optional.ofNullable(raw),
                        Optional.ofNullable(rawSince)));
    }

    void put(OnIt onIt) {
        paintAnswer = onIt.answer();
        asSurfaceId = onIt.like().orElse(null);
        raw = onIt.raw().orElse(null);
        rawSince = onIt.since().orElse(null);
    }

    /** The coats that somebody has decided on; empty for as many as the house puts on. */
    Optional<BuildUp> coats() {
        return undercoats == null || finishCoats == null
                ? Optional.empty()
                : Optional.of(new BuildUp(undercoats, finishCoats));
    }

    void putCoats(Optional<BuildUp> coats) {
        undercoats = coats.map(BuildUp::undercoats).orElse(null);
        finishCoats = coats.map(BuildUp::finish).orElse(null);
    }

    Optional<Next> next(PaintBook book, Map<UUID, Tin> tins) {
        Optional<Next> ofTin = Optional.ofNullable(tinId).map(tins::get).map(Next.FromTin::new);
        return ofTin.or(() -> book.paint(Optional.ofNullable(productId), Optional.ofNullable(colourId))
                .map(Next.ToBuy::new));
    }

    /** Whether that is what was chosen already. */
    boolean goesOn(Optional<Next> next) {
        VisitRow other = new VisitRow(surfaceId, turnoverId);
        other.put(next);
        return Objects.equals(tinId, other.tinId)
                && Objects.equals(productId, other.productId)
                && Objects.equals(colourId, other.colourId);
    }

    void put(Optional<Next> next) {
        tinId = null;
        productId = null;
        colourId = null;
        next.ifPresent(chosen -> {
            switch (chosen) {
                case Next.FromTin(Tin tin) -> tinId = tin.id();
                case Next.ToBuy(Paint paint) -> {
                    productId = paint.product().id();
                    colourId = paint.colour().id();
                }
            }
        });
    }
}
