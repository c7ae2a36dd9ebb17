package lumko.core.hold;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.hold.Holding.Answer;
import lumko.core.hold.Holding.Reason;
import lumko.core.paint.Binder;
import lumko.core.record.Age;
import lumko.core.record.Substrate;
import lumko.core.record.TopLayer;

/** A closed table: what is on top and under it, and what comes next, give what the surface needs first. */
public final class WillItHold {
    /** What was found on the surface besides its layers. */
    public enum Found {
        SMOKE_OR_CHALK,
        GREASE,
        GLASSY
    }

    private final Catalogue figures;

    public WillItHold(Catalogue figures) {
        this.figures = figures;
    }

    /** @param age of the top coat; not looked at where there is none */
    public Holding answer(TopLayer top, Age age, Substrate substrate, Binder next, Set<Found> found) {
        Set<Need> needs = EnumSet.noneOf(Need.class);
        List<Reason> reasons = new ArrayList<>();
        if (found.contains(Found.SMOKE_OR_CHALK)) {
            needs.add(Need.CLEAN);
            needs.add(Need.SEALER);
            reasons.add(Reason.SMOKE_OR_CHALK);
        }
        if (found.contains(Found.GREASE)) {
            needs.add(Need.CLEAN);
            reasons.add(Reason.GREASY);
        }
        if (found.contains(Found.GLASSY)) {
            needs.add(Need.KEY_SAND);
            reasons.add(Reason.GLASSY);
        }
        switch (top) {
            case BARE -> bare(substrate, needs, reasons);
            case UNKNOWN -> {
                needs.add(Need.CLEAN);
                needs.add(Need.TEST_PATCH);
                reasons.add(Reason.UNKNOWN_LAYERS);
            }
            case FACTORY_FACE -> {
                needs.add(Need.CLEAN);
                needs.add(Need.KEY_SAND);
                reasons.add(Reason.FACTORY_FACE);
            }
            case PRIMER, WATERBORNE_MATT -> overWater(next, age, needs, reasons);
            case WATERBORNE_SHEEN, WATERBORNE_GLOSS -> {
                needs.add(Need.KEY_SAND);
                reasons.add(Reason.SHEEN_UNDER_NEXT_COAT);
                overWater(next, age, needs, reasons);
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
        return new Holding(answer(needs), needs, List.copyOf(reasons));
    }

    private static Answer answer(Set<Need> needs) {
        if (needs.contains(Need.WAIT_FOR_CURE)) {
            return Answer.NOT_LIKE_THIS;
        }
        if (needs.contains(Need.TEST_PATCH)) {
            return Answer.TRY_A_PATCH;
        }
        return needs.isEmpty() ? Answer.HOLDS : Answer.HOLDS_ONCE_PREPARED;
    }

    /**
     * Waterborne may follow solventborne after preparation; the reverse only when cured. Where nobody knows how old the coat
     * is, a patch has to show it.
     */
    private void overWater(Binder next, Age age, Set<Need> needs, List<Reason> reasons) {
        if (next == Binder.WATERBORNE) {
            return;
        }
        if (age.isUnderDays(figures.limit(Figure.FULL_CURE))) {
            needs.add(Need.WAIT_FOR_CURE);
            reasons.addFirst(Reason.SOLVENT_OVER_FRESH_WATER);
            return;
        }
        needs.add(Need.KEY_SAND);
        if (!age.isKnown()) {
            needs.add(Need.TEST_PATCH);
        }
        reasons.add(Reason.SOLVENT_OVER_CURED_WATER);
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
