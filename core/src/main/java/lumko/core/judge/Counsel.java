package lumko.core.judge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import lumko.core.activity.Advice;
import lumko.core.drying.Climate;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Action;
import lumko.core.record.Age;

/** Why a verdict came out as it did, and what goes with it. */
final class Counsel {
    /** A moisture-tough finish has at least this gloss at 60°. ASSUMPTION: an eggshell. */
    private static final double TOUGH_GLOSS = 8;

    /** Colder or damper than this, waits grow to several times. ASSUMPTION: half the drying power of the reference air. */
    private static final double WEAK_AIR = 0.5;

    private final Catalogue figures;

    Counsel(Catalogue figures) {
        this.figures = figures;
    }

    // ---- reasons

    List<Finding> reasons(SurfaceCase surface, Option best, List<Option> options, Crowding crowding) {
        List<Finding> reasons = new ArrayList<>();
        if (surface.places().isEmpty() && best.action() == Action.LEAVE) {
            return List.of(new Finding.NothingMarked());
        }
        if (best.action() == Action.SKIM_AND_ROLL) {
            reasons.add(new Finding.SkimRatherThanChase(
                    crowding.most(),
                    (int) figures.limit(Figure.SKIM_PER_SQUARE_METRE),
                    crowding.share(),
                    figures.limit(Figure.SKIM_SHARE)));
        }
        // what ruled out the choices that would have painted less
        for (Option option : options) {
            if (option.action().compareTo(best.action()) < 0) {
                option.against().stream()
                        .filter(finding -> reasons.stream().noneMatch(known -> known.getClass() == finding.getClass()))
                        .forEach(reasons::add);
            }
        }
        options.stream()
                .filter(option -> option.isAllowed() && option.action() != best.action())
                .min(Comparator.comparing(Option::expected))
                .ifPresent(next -> reasons.add(new Finding.Cheapest(best.expected(), next.action(), next.expected())));
        if (best.action() != Action.LEAVE) {
            reasons.addAll(ofTheRoom(surface));
            reasons.addAll(ofThePlaces(surface));
            reasons.addAll(ofThePaint(surface));
        }
        return List.copyOf(reasons);
    }

    private List<Finding> ofTheRoom(SurfaceCase surface) {
        List<Finding> findings = new ArrayList<>();
        if (surface.has(RoomFinding.DAMP)) {
            findings.add(new Finding.DampFirst());
        }
        if (surface.has(RoomFinding.TENANT_COLOUR)) {
            findings.add(new Finding.TenantsColour());
        }
        surface.gloss().ifPresent(gloss -> {
            if (surface.has(RoomFinding.STEAM) && gloss < TOUGH_GLOSS) {
                findings.add(new Finding.SteamWantsSheen(gloss, TOUGH_GLOSS));
            }
        });
        return findings;
    }

    private List<Finding> ofThePlaces(SurfaceCase surface) {
        List<Finding> findings = new ArrayList<>();
        int seen = (int) surface.marks().stream()
                .filter(mark -> Spots.isAtEyeLevel(mark, surface, figures))
                .count();
        if (seen > 0) {
            findings.add(new Finding.InTheEyeBand(
                    seen,
                    surface.places().size(),
                    figures.length(Figure.EYE_BAND_FROM),
                    figures.length(Figure.EYE_BAND_TO)));
        }
        if (surface.light().isRaking()) {
            findings.add(new Finding.RakingLight(surface.light()));
        } else if (surface.light() == WindowLight.SAME_WALL) {
            findings.add(
                    surface.face().isCeiling() ? new Finding.WindowBesideCeiling() : new Finding.GlareBesideWindow());
        }
        return findings;
    }

    private List<Finding> ofThePaint(SurfaceCase surface) {
        List<Finding> findings = new ArrayList<>();
        switch (surface.basis()) {
            case SAME_TIN -> findings.add(new Finding.PaintSameTin());
            case SAME_BATCH -> findings.add(new Finding.PaintSameBatch());
            case BOUGHT_AGAIN -> findings.add(new Finding.PaintBoughtAgain());
            case NOT_CONFIRMED -> findings.add(new Finding.PaintNotConfirmed());
            case OTHER_PAINT, UNKNOWN, BARE -> {
                // said by the hard rules
            }
        }
        double old = figures.limit(Figure.FILM_OLD_AFTER);
        switch (surface.age()) {
            case Age.Known known -> {
                if (known.years() > old) {
                    findings.add(new Finding.FilmIsOld(known.years(), old));
                }
            }
            case Age.Unknown() -> {
                if (surface.basis().isForSpots()) {
                    findings.add(new Finding.AgeUnknown());
                }
            }
        }
        int tonesDown = (int) figures.limit(Figure.SHEEN_TONES_DOWN);
        if (surface.daysToViewing().isPresent() && surface.daysToViewing().getAsInt() < tonesDown) {
            findings.add(new Finding.SheenNotTonedDown(surface.daysToViewing().getAsInt(), tonesDown));
        }
        return findings;
    }

    // ---- advice

    Set<Advice> says(SurfaceCase surface, Option best) {
        Set<Advice> says = EnumSet.noneOf(Advice.class);
        if (best.action().isSpots()) {
            ofSpots(surface, says);
        }
        if (best.action().isWhole()) {
            ofWhole(surface, says);
        }
        if (!surface.places().isEmpty()) {
            says.add(Advice.BOTH_WAYS_COUNTED);
        }
        double power = surface.climate().vapourPressureDeficit() / Climate.REFERENCE.vapourPressureDeficit();
        if (power < WEAK_AIR) {
            says.add(Advice.HEAT_OR_WAIT);
        }
        return says;
    }

    private void ofSpots(SurfaceCase surface, Set<Advice> says) {
        says.add(Advice.NOT_INVISIBLE);
        says.add(Advice.LEAST_VISIBLE_FIRST);
        says.add(Advice.SHEEN_FADES);
        if (surface.daysToViewing().isPresent()) {
            says.add(Advice.TOUCH_UP_EARLY);
        }
        boolean isSeen = surface.marks().stream().anyMatch(mark -> Spots.isAtEyeLevel(mark, surface, figures));
        if (isSeen) {
            says.add(Advice.SHEEN_ALONG_WALL);
        }
    }

    private void ofWhole(SurfaceCase surface, Set<Advice> says) {
        says.add(Advice.PREP_TWICE);
        says.add(Advice.RECORD_PAINT);
        if (surface.isSmoked()) {
            says.add(Advice.SMOKE_ALL_SURFACES);
        }
        boolean goesDark = surface.face()
                .goesOn()
                .film()
                .colour()
                .or(surface::colour)
                .filter(colour -> colour.lightness() < figures.limit(Figure.DARK_BELOW))
                .isPresent();
        if (goesDark) {
            says.add(Advice.DARK_SHOWS);
        }
        boolean grinsThrough = surface.face().goesOn().cover().leftAfterOne() > figures.limit(Figure.NOT_SEEN);
        if (goesDark || grinsThrough) {
            says.add(Advice.THIRD_COAT_ODDS);
        }
        switch (surface.basis()) {
            case UNKNOWN -> says.add(Advice.CONFIRM_PAINT);
            case OTHER_PAINT -> says.add(Advice.MATCH_WHOLE_WALL);
            case SAME_TIN, SAME_BATCH, BOUGHT_AGAIN, NOT_CONFIRMED, BARE -> {
                // nothing more to say of it
            }
        }
    }
}
