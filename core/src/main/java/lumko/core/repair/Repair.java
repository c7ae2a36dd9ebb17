package lumko.core.repair;

import java.util.List;
import java.util.Set;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Move;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/**
 * How one fault is made good up to the point where its surface is painted: one chain of moves, each of which follows the one
 * before at its place.
 *
 * @param chosen the method and why
 * @param others the other methods that fit, the likeliest first
 * @param finishedAcross how wide the place is that is filled and sanded: across a line, otherwise its larger extent
 * @param finishedArea how much of the surface it then takes up
 * @param says what to know of the fault itself, wherever it stands
 */
public record Repair(
        Choice chosen,
        List<Choice> others,
        List<Move> moves,
        Length finishedAcross,
        Area finishedArea,
        PaintAfter paintAfter,
        Sealing sealing,
        Set<Advice> says) {
    /** What has to be painted once it is made good. */
    public enum PaintAfter {
        /** Nothing, if washing does it. */
        NOTHING,
        THE_PLACE,
        THE_WHOLE_SURFACE,
        /** The whole surface, after it has been skimmed. */
        SKIM_AND_SURFACE
    }

    /** Whether the place drinks paint and is sealed before a coat. */
    public enum Sealing {
        /** Nothing bare is left. */
        NONE,
        THE_PLACE,
        /** What seals it is part of its moves. */
        DONE
    }

    public Repair {
        others = List.copyOf(others);
        moves = List.copyOf(moves);
        says = Set.copyOf(says);
    }

    public Method method() {
        return chosen.method();
    }

    /** The moves that put filler on, in their order. */
    public List<Move> fills() {
        return moves.stream().filter(move -> move.knife().isPresent()).toList();
    }

    /** Coats of filler; a bead of caulk counts as one. */
    public int coats() {
        return (int) moves.stream()
                .filter(move -> move.knife().isPresent() || move.kind() == ActivityKind.CAULK)
                .count();
    }

    /** Everything that fills: compound, plaster, caulk. */
    public Volume filler() {
        return moves.stream()
                .flatMap(move -> move.uses().stream())
                .filter(use -> use.material().isFiller())
                .map(use -> use.volume())
                .reduce(Volume.ZERO, Volume::plus);
    }

    /** Whether it leaves a place that drinks paint and is sealed before a coat. */
    public boolean isBare() {
        return sealing == Sealing.THE_PLACE;
    }
}
