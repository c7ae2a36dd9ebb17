package lumko.app.walk;

import java.util.Comparator;
import java.util.Optional;
import lumko.app.catalogue.Paint;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Surface;
import lumko.app.platform.EditableRow;
import lumko.app.store.Tin;
import lumko.core.job.Action;
import lumko.core.job.BuildUp;
import lumko.core.quantity.Volume;
import lumko.core.record.PaintBasis;

/**
 * What was answered and decided on a wall in this turnover.
 *
 * @param onIt what is on it; empty if nobody has said
 * @param next what goes on; empty for the same again
 * @param coats in how many coats; empty for as many as the house puts on
 * @param isWalked whether somebody has looked it over and gone on
 */
public record Visit(
        Optional<OnIt> onIt,
        Optional<Next> next,
        Optional<BuildUp> coats,
        Optional<String> answeredBy,
        Optional<Action> overruled,
        Optional<String> overruledWhy,
        boolean isWalked,
        int version) {
    static final Visit NONE = new Visit(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            false,
            EditableRow.UNSAVED);

    public Optional<PaintAnswer> answer() {
        return onIt.map(OnIt::answer);
    }

    public boolean says(PaintAnswer answer) {
        return onIt.filter(said -> said.answer() == answer).isPresent();
    }

    /** A surface as it was found: as recorded, like another, or bare. */
    Surface found(Surface recorded, Flat flat) {
        return onIt.map(said -> said.found(recorded, flat)).orElse(recorded);
    }

    /** The paint that goes on: the one chosen, otherwise the same again. */
    Optional<Paint> paint(Surface found) {
        return next.map(Next::paint).or(() -> found.topCoat().flatMap(Coat::paint));
    }

    /** Whether it is known what goes on: somebody has chosen it, or said that what is on it is known. */
    boolean isConfirmed(Optional<Paint> paint) {
        return next.isPresent() || isAsRecorded() && paint.isPresent();
    }

    private boolean isAsRecorded() {
        return says(PaintAnswer.RECORD_AGREES) || says(PaintAnswer.LIKE_ANOTHER);
    }

    /** Whether something else than what is on it was asked for; where only its colour is known, another colour. */
    boolean isOther(Surface found) {
        Optional<Coat> there = found.topCoat();
        return next.map(Next::paint)
                .filter(paint -> there.filter(coat -> coat.product().isEmpty())
                        .flatMap(Coat::colour)
                        .map(colour -> !colour.equals(paint.colour()))
                        .orElseGet(() -> !there.flatMap(Coat::paint).equals(Optional.of(paint))))
                .isPresent();
    }

    /** Whether somebody decided that it is bought. */
    public boolean isToBuy() {
        return next.filter(Next.ToBuy.class::isInstance).isPresent();
    }

    /** The tin that goes on: the one chosen or, where the record is right, what is left of those on record. */
    public Optional<Tin> tinFor(Surface found) {
        if (next.isPresent()) {
            return next.flatMap(
                    chosen -> chosen instanceof Next.FromTin(Tin tin) ? Optional.of(tin) : Optional.empty());
        }
        return found.topCoat().filter(coat -> isAsRecorded()).stream()
                .flatMap(coat -> coat.tins().stream())
                .filter(left -> left.left().compareTo(Volume.ZERO) > 0)
                .max(Comparator.comparing(Tin::left));
    }

    /** What was found out about the paint that is on the surface. */
    PaintBasis.OnIt said() {
        return onIt.map(known -> switch (known.answer()) {
                    case RECORD_AGREES, LIKE_ANOTHER, BARE -> PaintBasis.OnIt.AS_RECORDED;
                    case NOT_SURE -> PaintBasis.OnIt.NOBODY_KNOWS;
                })
                .orElse(PaintBasis.OnIt.NOT_CONFIRMED);
    }
}
