package lumko.core.hold;

import java.util.List;
import java.util.Set;

/**
 * Whether the next coat holds.
 *
 * @param needs what the surface needs first
 * @param reasons why, the weightiest first
 */
public record Holding(Answer answer, Set<Need> needs, List<Reason> reasons) {
    /** In short. */
    public enum Answer {
        HOLDS,
        HOLDS_ONCE_PREPARED,
        TRY_A_PATCH,
        NOT_LIKE_THIS
    }

    /** Each a sentence. */
    public enum Reason {
        SAME_KIND,
        SHEEN_UNDER_NEXT_COAT,
        SOLVENT_GLOSS_UNDER_WATER,
        SOLVENT_OVER_FRESH_WATER,
        SOLVENT_OVER_CURED_WATER,
        BARE_BOARD,
        BARE_PLASTER,
        BARE_TIMBER,
        BARE_METAL,
        UNKNOWN_LAYERS,
        FACTORY_FACE,
        SMOKE_OR_CHALK,
        GREASY,
        GLASSY
    }

    /** Nothing stands against it. */
    public static final Holding YES = new Holding(Answer.HOLDS, Set.of(), List.of(Reason.SAME_KIND));
}
