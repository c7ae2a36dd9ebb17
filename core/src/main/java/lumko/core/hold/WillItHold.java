package lumko.core.hold;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.hold.Holding.Answer;
import lumko.core.hold.Holding.Reason;
import lumko.core.wall.Substrate;

/** A closed table: what is on top and under it, and what comes next, give what the surface needs first. */
public final class WillItHold {
    /** What was found on the surface besides its layers. */
    public enum Film {
        SMOKE_OR_CHALK,
        GREASE,
        GLASSY
    }

    private final Catalogue figures;

    public WillItHold(Catalogue figures) {
        this.figures = figures;
    }

    /**
     * @param daysOld days since the top coat was put on; not looked at where there is none
     */
    public Holding answer(TopLayer top, double daysOld, Substrate substrate, Binder next, Set<Film> found) {
        Set<Need> needs = EnumSet.noneOf(Need.class);
        List<Reason> reasons = new ArrayList<>();
        if (found.contains(Film.SMOKE_OR_CHALK)) {
            needs.add(Need.CLEAN);
            needs.add(Need.SEALER);
            reasons.add(Reason.SMOKE_OR_CHALK);
        }
        if (found.contains(Film.GREASE)) {
            needs.add(Need.CLEAN);
            reasons.add(Reason.GREASY);
        }
        if (found.contains(Film.GLASSY)) {
            needs.add(Need.KEY_SAND);
            reasons.add(Reason.GLASSY);
        }
        boolean uncured = false;
        switch (top) {
            case BARE -> bare(substrate, needs, reasons);
            case UNKNOWN -> {
                needs.add(Need.CLEAN);
                needs.add(Need.TEST_PATCH);
                reasons.add(Reason.UNKNOWN_LAYERS);
            }
            case PRIMER, WATERBORNE_MATT -> uncured = water(next, daysOld, needs, reasons);
            case WATERBORNE_SHEEN, WATERBORNE_GLOSS -> {
                needs.add(Need.KEY_SAND);
                needs.add(Need.TEST_PATCH);
                reasons.add(Reason.SHEEN_UNDER_NEXT_COAT);
                uncured = water(next, daysOld, needs, reasons);
            }
            case SOLVENTBORNE_MATT -> {
                if (next == Binder.WATERBORNE) {
                    needs.add(Need.CLEAN);
                    needs.add(Need.KEY_SAND);
                    reasons.add(Reason.SHEEN_UNDER_NEXT_COAT);
                }
            }
            case SOLVENTBORNE_GLOSS -> {
                needs.add(Need.CLEAN);
                needs.add(Need.KEY_SAND);
                if (next == Binder.WATERBORNE) {
                    needs.add(Need.ADHESION_PRIMER);
                    reasons.add(Reason.SOLVENT_GLOSS_UNDER_WATER);
                } else {
                    reasons.add(Reason.SHEEN_UNDER_NEXT_COAT);
                }
            }
        }
        if (reasons.isEmpty()) {
            reasons.add(Reason.SAME_KIND);
        }
        return new Holding(answer(needs, uncured), needs, List.copyOf(reasons));
    }

    private static Answer answer(Set<Need> needs, boolean uncured) {
        if (uncured) {
            return Answer.NOT_LIKE_THIS;
        }
        if (needs.contains(Need.TEST_PATCH)) {
            return Answer.TRY_A_PATCH;
        }
        return needs.isEmpty() ? Answer.HOLDS : Answer.HOLDS_ONCE_PREPARED;
    }

    /** Waterborne may follow solventborne after preparation; the reverse only when cured. */
    private boolean water(Binder next, double daysOld, Set<Need> needs, List<Reason> reasons) {
        if (next == Binder.WATERBORNE) {
            return false;
        }
        if (daysOld < figures.value(Figure.FULL_CURE)) {
            needs.add(Need.WAIT_FOR_CURE);
            reasons.addFirst(Reason.SOLVENT_OVER_FRESH_WATER);
            return true;
        }
        needs.add(Need.KEY_SAND);
        reasons.add(Reason.SOLVENT_OVER_CURED_WATER);
        return false;
    }

    private static void bare(Substrate substrate, Set<Need> needs, List<Reason> reasons) {
        switch (substrate) {
            case GYPSUM_BOARD, PANEL -> {
                needs.add(Need.NEW_SURFACE_PRIMER);
                reasons.add(Reason.BARE_BOARD);
            }
            case SKIM_PLASTER, LIME_PLASTER -> {
                needs.add(Need.MIST_COAT);
                reasons.add(Reason.BARE_PLASTER);
            }
            case TIMBER -> {
                needs.add(Need.NEW_SURFACE_PRIMER);
                reasons.add(Reason.BARE_TIMBER);
            }
            case METAL -> {
                needs.add(Need.METAL_PRIMER);
                reasons.add(Reason.BARE_METAL);
            }
        }
    }
}
