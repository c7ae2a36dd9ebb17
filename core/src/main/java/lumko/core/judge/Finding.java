package lumko.core.judge;

import java.time.Duration;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Action;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;

/**
 * What a rule found on a surface, with the figures it spoke with. The sentence itself is made where the user's language and
 * units are known.
 */
public sealed interface Finding {
    record NothingMarked() implements Finding {}

    record PaintUnknown() implements Finding {}

    record PaintNotConfirmed() implements Finding {}

    record PaintIsOther() implements Finding {}

    record PaintSameTin() implements Finding {}

    record PaintSameBatch() implements Finding {}

    record PaintBoughtAgain() implements Finding {}

    /** New board, plaster, skim: there is no coat on it that could be touched up. */
    record SurfaceIsBare() implements Finding {}

    /** Somebody who pays wants another colour. */
    record ColourIsWanted() implements Finding {}

    record StainBleeds() implements Finding {}

    record NeedsWholeWall(FaultKind kind) implements Finding {}

    record CannotBeLeft(FaultKind kind) implements Finding {}

    record RoomWasSmokedIn() implements Finding {}

    record DampFirst() implements Finding {}

    /** A moisture-tough finish has at least so many gloss units at 60°. */
    record SteamWantsSheen(double gloss, double least) implements Finding {}

    record TenantsColour() implements Finding {}

    /** In per cent of the surface. */
    record SpotsTakeTooMuch(double share, double most) implements Finding {}

    /** Chances, 0–1. */
    record ShowsTooLikely(double chance, double most) implements Finding {}

    record SpotTooWideToDab(Length across, Length widest) implements Finding {}

    record PatchTooWideToFeather(Area area, Area widest) implements Finding {}

    record PatchNeedsFeathering(Length across) implements Finding {}

    /** Repairs in a square metre, and per cent of the surface. */
    record SkimRatherThanChase(int crowded, int most, double share, double mostShare) implements Finding {}

    record DarkWall(double lightness, double limit) implements Finding {}

    record StrongColour(double chroma, double limit) implements Finding {}

    record TooGlossy(double gloss, double limit) implements Finding {}

    record FilmIsOld(double years, double limit) implements Finding {}

    record AgeUnknown() implements Finding {}

    record InTheEyeBand(int seen, int spots, Length from, Length to) implements Finding {}

    record RakingLight(WindowLight light) implements Finding {}

    record GlareBesideWindow() implements Finding {}

    /** Daylight runs along a ceiling from wherever a window is. */
    record WindowBesideCeiling() implements Finding {}

    record SheenNotTonedDown(int days, int needed) implements Finding {}

    /** What the choice and the next best one cost, in work of the hand with paint and risk. */
    record Cheapest(Duration expected, Action next, Duration nextExpected) implements Finding {}
}
