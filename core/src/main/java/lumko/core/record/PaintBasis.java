package lumko.core.record;

import java.util.Optional;
import lumko.core.paint.Batch;

/** How the paint that would go on relates to what is on the surface, from best to worst for spots. */
public enum PaintBasis {
    /** Left over from the very tin that is on it. */
    SAME_TIN,
    /** Another tin of that batch. */
    SAME_BATCH,
    /** The same product and colour, bought again. */
    BOUGHT_AGAIN,
    /** The record names it, but nobody has confirmed it yet. */
    NOT_CONFIRMED,
    /** Matched to a sample, mixed, or a different colour: whole surfaces only. */
    OTHER_PAINT,
    /** Nobody knows what is on it. */
    UNKNOWN,
    /** There is no coat. */
    BARE;

    /** What was found out about the paint that is on a surface. */
    public enum OnIt {
        /** Nobody was asked, or has answered. */
        NOT_CONFIRMED,
        /** The record is right. */
        AS_RECORDED,
        NOBODY_KNOWS
    }

    /**
     * What goes on.
     *
     * @param tin key of the tin it comes from, empty if it is still to be bought
     * @param paint key of product and colour
     * @param isMatched whether it was matched to a sample, or mixed
     */
    public record GoesOn(Optional<String> tin, String paint, Batch batch, boolean isMatched) {}

    /**
     * How what goes on relates to what is on it.
     *
     * @param goesOn empty for the same again, not said from where
     */
    public static PaintBasis of(Stack stack, OnIt said, Optional<GoesOn> goesOn) {
        if (stack.top() == TopLayer.BARE) {
            return BARE;
        }
        Optional<Coat> seen = stack.seen().filter(coat -> coat.paint().isPresent());
        if (seen.isEmpty() || said == OnIt.NOBODY_KNOWS) {
            return UNKNOWN;
        }
        Coat coat = seen.get();
        boolean isOther = goesOn.filter(
                        paint -> paint.isMatched() || !coat.paint().get().equals(paint.paint()))
                .isPresent();
        if (isOther) {
            return OTHER_PAINT;
        }
        if (said == OnIt.NOT_CONFIRMED) {
            return NOT_CONFIRMED;
        }
        return goesOn.map(paint -> ofSamePaint(coat, paint)).orElse(BOUGHT_AGAIN);
    }

    private static PaintBasis ofSamePaint(Coat coat, GoesOn paint) {
        if (paint.tin().filter(coat.tins()::contains).isPresent()) {
            return SAME_TIN;
        }
        return coat.batch().isCertainly(paint.batch()) ? SAME_BATCH : BOUGHT_AGAIN;
    }

    /** Whether spots can be touched up with it at all. */
    public boolean isForSpots() {
        return switch (this) {
            case SAME_TIN, SAME_BATCH, BOUGHT_AGAIN, NOT_CONFIRMED -> true;
            case OTHER_PAINT, UNKNOWN, BARE -> false;
        };
    }

    /** Whether it is the paint, or the batch, that is on the surface. */
    public boolean isOriginal() {
        return this == SAME_TIN || this == SAME_BATCH;
    }
}
