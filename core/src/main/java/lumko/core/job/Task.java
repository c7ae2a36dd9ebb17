package lumko.core.job;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Move;
import lumko.core.activity.Tool;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.hold.Holding;
import lumko.core.hold.Need;
import lumko.core.hold.WillItHold;
import lumko.core.paint.Binder;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.record.TopLayer;
import lumko.core.repair.Ground;
import lumko.core.repair.Method;
import lumko.core.repair.Repair;
import lumko.core.repair.Textures;

/**
 * A surface of a job that something is done on, in its room, with how its marks are made good and what it needs so that the
 * next coat holds.
 *
 * @param painted its area without what is deducted for openings
 */
record Task(Face face, Room room, Ground ground, List<Made> made, Holding holding, BuildUp build, Area painted) {
    /** A mark and how it is made good. */
    record Made(Place place, Repair repair) {}

    String key() {
        return face.key();
    }

    String paint() {
        return face.goesOn().paint();
    }

    Material material() {
        return switch (face.side()) {
            case WALL -> Material.WALL_PAINT;
            case CEILING -> Material.CEILING_PAINT;
            case TRIM -> Material.TRIM_PAINT;
        };
    }

    boolean isWhole() {
        return face.isPaintedWhole();
    }

    boolean needs(Need need) {
        return isWhole() && holding.needs().contains(need);
    }

    boolean has(Method method) {
        return made.stream().anyMatch(each -> each.repair().method() == method);
    }

    boolean has(FaultKind kind) {
        return made.stream().anyMatch(each -> each.place().mark().fault().kind() == kind);
    }

    /** Whether all of it is skimmed, because that was chosen or because a mark asks for it. */
    boolean isSkimmed() {
        return face.action() == Action.SKIM_AND_ROLL
                || isWhole()
                        && made.stream()
                                .anyMatch(each -> each.repair().paintAfter() == Repair.PaintAfter.SKIM_AND_SURFACE);
    }

    boolean isStripped() {
        return isWhole() && has(Method.STRIP_WASH_AND_SEAL);
    }

    /** Whether no film is left on it that could be keyed or washed. */
    boolean isBare() {
        return face.isBare() || isStripped();
    }

    /** Whether its first coat goes on primer. */
    boolean isPrimed() {
        return isBare() || isSkimmed() || build.undercoats() > 0;
    }

    double texture(Catalogue figures) {
        return Textures.factor(face.wall().texture(), figures);
    }

    /** Whether its upper edge is out of reach from where one stands at its foot. */
    boolean isHigh(Catalogue figures) {
        Length reach = figures.length(Figure.REACH);
        return !face.isTrim() && (face.isCeiling() || face.wall().tallest().isLongerThan(reach));
    }

    /** Whether the next coat holds on a surface, by its record and by what was found on it. */
    static Holding holding(Face face, Room room, WillItHold will) {
        Set<WillItHold.Found> found = EnumSet.noneOf(WillItHold.Found.class);
        boolean isTrim = face.isTrim();
        if (room.isSmoked() && !isTrim || has(face, FaultKind.SMOKE)) {
            found.add(WillItHold.Found.SMOKE_OR_CHALK);
        }
        if (has(face, FaultKind.GLASSY_PLASTER)) {
            found.add(WillItHold.Found.GLASSY);
        }
        TopLayer top = face.isBare() ? TopLayer.BARE : face.stack().top();
        Binder next = face.goesOn().binder();
        return will.answer(top, face.stack().ageOfTop(), face.stack().substrate(), next, found);
    }

    private static boolean has(Face face, FaultKind kind) {
        return face.places().stream().anyMatch(place -> place.mark().fault().kind() == kind);
    }

    /** A move along a flight of stairs, where it is done from a platform or with a roller on a pole. */
    Move overStairs(Move move) {
        boolean isAlongStairs = face.wall().ends().stairs().isPresent();
        return isAlongStairs
                        && (move.cautions().contains(Caution.LADDER)
                                || move.tools().contains(Tool.POLE))
                ? move.with(Caution.STAIRS)
                : move;
    }

    /** A move over the head, where the face is a ceiling. */
    Move overhead(Move move) {
        return face.isCeiling()
                ? move.with(Caution.LADDER).with(Tool.PLATFORM).says(Advice.EYES_OVERHEAD, Advice.FOOTED_LADDER)
                : move;
    }
}
