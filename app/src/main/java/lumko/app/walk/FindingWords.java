package lumko.app.walk;

import lumko.app.platform.Words;
import lumko.core.judge.Finding;

/** What a rule found, as a sentence. */
final class FindingWords {
    private final Words words;
    private final boolean isFull;

    FindingWords(Words words) {
        this(words, false);
    }

    private FindingWords(Words words, boolean isFull) {
        this.words = words;
        this.isFull = isFull;
    }

    String of(Finding finding) {
        return switch (finding) {
            case Finding.NothingMarked() -> say("NOTHING_MARKED");
            case Finding.PaintUnknown() -> say("PAINT_UNKNOWN");
            case Finding.PaintNotConfirmed() -> say("PAINT_NOT_CONFIRMED");
            case Finding.PaintIsOther() -> say("PAINT_IS_OTHER");
            case Finding.PaintSameTin() -> say("PAINT_SAME_TIN");
            case Finding.PaintSameBatch() -> say("PAINT_SAME_BATCH");
            case Finding.PaintBoughtAgain() -> say("PAINT_BOUGHT_AGAIN");
            case Finding.SurfaceIsBare() -> say("SURFACE_IS_BARE");
            case Finding.ColourIsWanted() -> say("COLOUR_IS_WANTED");
            case Finding.StainBleeds() -> say("STAIN_BLEEDS");
            case Finding.NeedsWholeWall(var kind) -> say("NEEDS_WHOLE_WALL", kind);
            case Finding.CannotBeLeft(var kind) -> say("CANNOT_BE_LEFT", kind);
            case Finding.RoomWasSmokedIn() -> say("ROOM_WAS_SMOKED_IN");
            case Finding.DampFirst() -> say("DAMP_FIRST");
            case Finding.SteamWantsSheen(double gloss, double least) -> say("STEAM_WANTS_SHEEN", gloss, least);
            case Finding.TenantsColour() -> say("TENANTS_COLOUR");
            case Finding.SpotsTakeTooMuch(double share, double most) -> say("SPOTS_TAKE_TOO_MUCH", share, most);
            case Finding.ShowsTooLikely(double chance, double most) ->
                say("SHOWS_TOO_LIKELY", words.chance(chance), words.chance(most));
            case Finding.SpotTooWideToDab(var across, var widest) -> say("SPOT_TOO_WIDE_TO_DAB", across, widest);
            case Finding.PatchTooWideToFeather(var area, var widest) -> say("PATCH_TOO_WIDE_TO_FEATHER", area, widest);
            case Finding.PatchNeedsFeathering(var across) -> say("PATCH_NEEDS_FEATHERING", across);
            case Finding.SkimRatherThanChase(int crowded, int most, double share, double mostShare) ->
                say("SKIM_RATHER_THAN_CHASE", crowded, most, share, mostShare);
            case Finding.DarkWall(double lightness, double limit) -> say("DARK_WALL", lightness, limit);
            case Finding.StrongColour(double chroma, double limit) -> say("STRONG_COLOUR", chroma, limit);
            case Finding.TooGlossy(double gloss, double limit) -> say("TOO_GLOSSY", gloss, limit);
            case Finding.FilmIsOld(double years, double limit) -> say("FILM_IS_OLD", years, limit);
            case Finding.AgeUnknown() -> say("AGE_UNKNOWN");
            case Finding.InTheEyeBand(int seen, int spots, var from, var to) ->
                say(spots == 1 ? "IN_THE_EYE_BAND_ONE" : "IN_THE_EYE_BAND", seen, spots, from, to);
            case Finding.RakingLight(var light) -> say("RAKING_LIGHT", light);
            case Finding.GlareBesideWindow() -> say("GLARE_BESIDE_WINDOW");
            case Finding.WindowBesideCeiling() -> say("WINDOW_BESIDE_CEILING");
            case Finding.SheenNotTonedDown(int days, int needed) ->
                switch (days) {
                    case 0 -> say("SHEEN_NOT_TONED_DOWN_TODAY", days, needed);
                    case 1 -> say("SHEEN_NOT_TONED_DOWN_TOMORROW", days, needed);
                    default -> say("SHEEN_NOT_TONED_DOWN", days, needed);
                };
            // what is told apart by less than is said would read as a slip
            case Finding.Cheapest(var expected, var next, var nextExpected) ->
                words.duration(expected).equals(words.duration(nextExpected))
                        ? say("AS_DEAR", expected, next)
                        : say("CHEAPEST", expected, next, nextExpected);
        };
    }

    /** The same with every figure it spoke with, where the sentence leaves some out. */
    String inFull(Finding finding) {
        return new FindingWords(words, true).of(finding);
    }

    private String say(String rule, Object... figures) {
        String full = "rule." + rule + ".full";
        return words.say(isFull && words.knows(full) ? full : "rule." + rule, figures);
    }
}
