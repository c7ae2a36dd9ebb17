package lumko.app.plan;

import java.time.Instant;
import java.util.Collection;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.sheet.Sheets;
import lumko.core.turnover.FlatWork;

/**
 * What of a plan has been done since it was made, by it or ahead of it.
 *
 * @param steps that are ticked
 * @param walked turnovers whose flat has been walked: there is a sheet
 */
record Done(Set<UUID> steps, Set<UUID> walked) {
    static Done of(Collection<PieceRow> pieces, Sheets sheets) {
        Set<UUID> steps = pieces.stream()
                .map(piece -> piece.stepId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        Set<UUID> toWalk = pieces.stream()
                .filter(Done::isWalk)
                .map(piece -> piece.turnoverId)
                .collect(Collectors.toSet());
        return new Done(sheets.ticked(steps), sheets.begun(toWalk));
    }

    private static boolean isWalk(PieceRow piece) {
        return piece.kind.equals(FlatWork.Kind.WALK.name());
    }

    /** What is guessed never is: nobody has said what it is. */
    boolean contains(PieceRow piece) {
        return isWalk(piece) ? walked.contains(piece.turnoverId) : piece.stepId != null && steps.contains(piece.stepId);
    }

    /** Whether it is still to be done: also what was due and is known not to be done; of a guess nobody knows. */
    boolean isAhead(PieceRow piece, Instant now) {
        boolean isKnown = isWalk(piece) || piece.stepId != null;
        return !contains(piece) && (isKnown || piece.endsAt().isAfter(now));
    }

    boolean containsAll(Collection<PieceRow> pieces) {
        return pieces.stream().allMatch(this::contains);
    }
}
