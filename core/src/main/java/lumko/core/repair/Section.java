package lumko.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lumko.core.activity.Material;
import lumko.core.activity.Move;
import lumko.core.activity.Spread;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Fault;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;

/**
 * A cut through the wall where a fault is filled: what is hollow, what is set into it, and the coats of filler as they lie before
 * they are sanded. Lines are cut across.
 *
 * @param shell how thick the wall's face is: what is behind it is not filled
 * @param finishedAcross how wide the place is that is sanded and then painted
 */
public record Section(Hollow hollow, Piece piece, List<Coat> coats, Length shell, Length finishedAcross) {
    /** What a hollow is like at its end. */
    public enum End {
        ROUND,
        FLAT,
        POINTED,
        /** A hole goes on below it, with or without a plug in it. */
        BORE,
        /** It goes through the face of the wall. */
        THROUGH
    }

    /**
     * What has to be filled.
     *
     * @param below how wide the hole goes on where it does not end
     */
    public record Hollow(Length across, Length deep, End end, Length below) {
        Hollow(Length across, Length deep, End end) {
            this(across, deep, end, Length.ZERO);
        }
    }

    /** What is in the wall or set into it. */
    public enum Piece {
        NONE,
        /** The plug that stays in the wall below the filler. */
        PLUG,
        /** The old fastener and a second one beside it. */
        FASTENERS,
        /** A thin patch over the hole. */
        PATCH,
        /** A plug of board that hangs by its own paper. */
        FLANGED_PLUG,
        /** A plug of board on a piece behind. */
        BACKED_PLUG,
        /** New board on the framing. */
        BOARD,
        /** Tape in the first coat. */
        TAPE
    }

    /**
     * A coat of filler.
     *
     * @param thick as it is put on
     */
    public record Coat(Length across, Length thick, boolean isOver, Material material, Length knife) {}

    public Section {
        coats = List.copyOf(coats);
    }

    /** The cut through what is filled; nothing where nothing is, or where it is a whole area. */
    public static Optional<Section> of(Fault fault, Repair repair, Catalogue figures) {
        List<Coat> coats = coats(repair);
        if (coats.isEmpty()) {
            return Optional.empty();
        }
        Length shell = figures.length(Figure.SHELL);
        Coat first = coats.getFirst();
        Hollow through = new Hollow(fault.across(), shell, End.THROUGH, fault.across());
        return switch (repair.method()) {
            case PULL_AND_FILL, UNSCREW_AND_FILL -> cut(through, Piece.NONE, repair, coats, shell);
            case FILL_FLUSH, TWO_PART_FILL -> cut(dentOr(through, fault), Piece.NONE, repair, coats, shell);
            case RIM_DOWN_AND_FILL -> cut(hollow(first, End.ROUND), Piece.NONE, repair, coats, shell);
            case UNSCREW_PLUG -> cut(bored(first, fault), Piece.NONE, repair, coats, shell);
            case PUNCH_PLUG_IN, HAMMER_PLUG_IN, CUT_PLUG_FLUSH ->
                cut(bored(first, fault), Piece.PLUG, repair, coats, shell);
            case RESET_FASTENER ->
                cut(new Hollow(fault.across(), Length.ZERO, End.FLAT), Piece.FASTENERS, repair, coats, shell);
            case COVER_PATCH, TOGGLE_OUT_AND_PATCH, BOX_PATCH -> cut(through, Piece.PATCH, repair, coats, shell);
            case PLUG_WITH_PAPER_FLANGE -> cut(through, Piece.FLANGED_PLUG, repair, coats, shell);
            case BACKING_AND_PLUG -> cut(through, Piece.BACKED_PLUG, repair, coats, shell);
            case BOARD_TO_FRAMING -> cut(through, Piece.BOARD, repair, coats, shell);
            case PLASTER_KEPT_DAMP ->
                cut(new Hollow(fault.across(), shell, End.FLAT), Piece.NONE, repair, coats, shell);
            case FILL_THEN_CAULK -> cut(hollow(first, End.FLAT), Piece.NONE, repair, coats, shell);
            case RAKE_AND_FILL -> cut(hollow(first, End.POINTED), Piece.NONE, repair, coats, shell);
            case RAKE_TAPE_AND_FILL -> cut(groove(fault, figures), Piece.TAPE, repair, coats, shell);
            case SEAL_AND_SKIM_OVER ->
                cut(new Hollow(narrow(fault), first.thick(), End.FLAT), Piece.NONE, repair, coats, shell);
            default -> Optional.empty();
        };
    }

    private static Optional<Section> cut(Hollow hollow, Piece piece, Repair repair, List<Coat> coats, Length shell) {
        return Optional.of(new Section(hollow, piece, coats, shell, repair.finishedAcross()));
    }

    /** What one coat fills; what is put on after it tops what it sinks. */
    private static Hollow hollow(Coat coat, End end) {
        return new Hollow(coat.across(), coat.thick(), end);
    }

    private static Hollow bored(Coat coat, Fault fault) {
        return new Hollow(coat.across(), coat.thick(), End.BORE, fault.across());
    }

    private static Hollow dentOr(Hollow through, Fault fault) {
        Length depth = fault.measures().depth();
        return !(fault instanceof Fault.Line) && depth.isLongerThan(Length.ZERO)
                ? new Hollow(fault.across(), depth, End.ROUND)
                : through;
    }

    private static Hollow groove(Fault fault, Catalogue figures) {
        Length raked = figures.length(Figure.RAKED_GROOVE);
        return new Hollow(fault.across().isLongerThan(raked) ? fault.across() : raked, raked, End.POINTED);
    }

    private static Length narrow(Fault fault) {
        return fault instanceof Fault.Patch patch && patch.width().isLongerThan(patch.height())
                ? patch.height()
                : fault.across();
    }

    private static List<Coat> coats(Repair repair) {
        List<Coat> coats = new ArrayList<>();
        for (Move move : repair.fills()) {
            Optional<Spread> spread = move.spread();
            Optional<Length> thick = move.wet().map(wet -> wet.thickness());
            if (spread.isPresent() && thick.isPresent()) {
                coats.add(new Coat(
                        spread.get().across(),
                        thick.get(),
                        spread.get().isOver(),
                        Material.of(move.wet().map(wet -> wet.material()).orElse(DryingMaterial.SPACKLE)),
                        move.knife().orElse(Length.ZERO)));
            }
        }
        return coats;
    }
}
