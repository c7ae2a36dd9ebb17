package lumko.core.judge;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lumko.core.colour.Lab;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.job.Action;
import lumko.core.job.JobPlanner;
import lumko.core.job.Place;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.record.PaintBasis;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;
import lumko.core.repair.Repair.PaintAfter;

/** What speaks against doing something with a surface, whatever it would cost. Each finding carries its figures. */
final class HardRules {
    /** An old patch up to this can be feathered out by hand. ASSUMPTION: about half a metre square. */
    private static final Area WIDEST_FEATHERED = Area.ofSquareMetres(0.25);

    /** A repair up to this can be feathered out by hand; wider ones have lost the wall's texture. ASSUMPTION. */
    private static final Length WIDEST_FEATHERED_SPOT = Length.ofMillimetres(300);

    /** "About" 20 mm. ASSUMPTION. */
    private static final double ABOUT = 1.15;

    private static final Set<FaultKind> NOT_LEFT = EnumSet.of(
            FaultKind.MOULD,
            FaultKind.SMOKE,
            FaultKind.FLAKING,
            FaultKind.BOX_GAP,
            FaultKind.POPPED_FASTENER,
            FaultKind.BARE_SURFACE,
            FaultKind.WALLPAPER_REMAINS,
            FaultKind.RUST,
            FaultKind.HOLE,
            FaultKind.TOGGLE,
            FaultKind.GOUGE,
            FaultKind.BLEED,
            FaultKind.SHOWS_THROUGH);

    /** Beads and lines are painted along an edge by brush; how wide they are does not matter. */
    private static final Set<FaultKind> ALONG_AN_EDGE = EnumSet.of(
            FaultKind.JOINT_CRACK,
            FaultKind.FAILED_CAULK,
            FaultKind.WAVY_LINE,
            FaultKind.BLEED,
            FaultKind.TRIM_CHIP,
            FaultKind.PLASTER_ON_BEAD);

    private final Catalogue figures;
    private final JobPlanner planner;

    HardRules(Catalogue figures, JobPlanner planner) {
        this.figures = figures;
        this.planner = planner;
    }

    /**
     * Nothing speaks against painting the whole surface but that nothing is marked.
     *
     * @param shows how likely it shows afterwards, 0–1
     */
    List<Finding> against(SurfaceCase surface, Action action, double shows) {
        List<Finding> findings = new ArrayList<>();
        // a wall that is skimmed is washed and sealed against smoke as every other of the flat
        if (surface.isSmoked() && action != Action.FLAT && action != Action.SKIM_AND_ROLL) {
            findings.add(new Finding.RoomWasSmokedIn());
        }
        boolean isWanted = surface.face().goesOn().isWanted();
        if (isWanted && !action.isWhole()) {
            findings.add(new Finding.ColourIsWanted());
        }
        boolean isBare = surface.face().isRaw();
        if (isBare && !action.isWhole()) {
            findings.add(new Finding.SurfaceIsBare());
        }
        if (surface.places().isEmpty()) {
            if (action != Action.LEAVE && !surface.isSmoked() && !isWanted && !isBare) {
                findings.add(new Finding.NothingMarked());
            }
            return findings;
        }
        if (action.isSpots()) {
            if (!surface.face().isPutRightWithoutItsPaint()) {
                paintRules(surface, findings);
            }
            if (!surface.face().isPutRightAtItsEdges()) {
                sheenRules(surface, findings);
            }
            sizeRules(surface, action, findings);
            double most = figures.share(Figure.SHOWS_AT_MOST);
            if (findings.isEmpty() && shows > most) {
                findings.add(new Finding.ShowsTooLikely(shows, most));
            }
        }
        if (action == Action.LEAVE) {
            leavingRules(surface, findings);
        }
        return List.copyOf(findings);
    }

    /** What bleeds, spreads or comes off has to be dealt with, however far away one stands. */
    private static void leavingRules(SurfaceCase surface, List<Finding> findings) {
        if (hasStain(surface)) {
            findings.add(new Finding.StainBleeds());
        }
        surface.marks().stream()
                .map(mark -> mark.fault().kind())
                .filter(NOT_LEFT::contains)
                .findFirst()
                .ifPresent(kind -> findings.add(new Finding.CannotBeLeft(kind)));
    }

    private static boolean hasStain(SurfaceCase surface) {
        return surface.marks().stream().anyMatch(mark -> mark.fault().kind() == FaultKind.STAIN);
    }

    private static void paintRules(SurfaceCase surface, List<Finding> findings) {
        switch (surface.basis()) {
            case UNKNOWN -> findings.add(new Finding.PaintUnknown());
            case BARE -> {
                if (!surface.face().isRaw()) {
                    findings.add(new Finding.PaintUnknown());
                }
            }
            case OTHER_PAINT -> findings.add(new Finding.PaintIsOther());
            case SAME_TIN, SAME_BATCH, BOUGHT_AGAIN, NOT_CONFIRMED -> {
                if (surface.colour().isEmpty() || surface.gloss().isEmpty()) {
                    findings.add(new Finding.PaintUnknown());
                }
            }
        }
        if (hasStain(surface)) {
            findings.add(new Finding.StainBleeds());
        }
    }

    /** Dark, strong and glossy walls: only with the original paint, and only where nobody looks. */
    private void sheenRules(SurfaceCase surface, List<Finding> findings) {
        boolean isOutOfSight = surface.marks().stream().noneMatch(mark -> Spots.isAtEyeLevel(mark, surface, figures));
        PaintBasis basis = surface.basis();
        if (basis.isOriginal() && isOutOfSight) {
            return;
        }
        double tooGlossy = figures.limit(Figure.GLOSS_ABOVE);
        surface.gloss().ifPresent(gloss -> {
            if (gloss > tooGlossy) {
                findings.add(new Finding.TooGlossy(gloss, tooGlossy));
            }
        });
        surface.colour().ifPresent(colour -> colourRules(colour, findings));
    }

    private void colourRules(Lab colour, List<Finding> findings) {
        double dark = figures.limit(Figure.DARK_BELOW);
        double strong = figures.limit(Figure.STRONG_ABOVE);
        if (colour.lightness() < dark) {
            findings.add(new Finding.DarkWall(colour.lightness(), dark));
        }
        if (colour.chroma() > strong) {
            findings.add(new Finding.StrongColour(colour.chroma(), strong));
        }
    }

    /** Of each kind of finding the widest is enough to say. */
    private void sizeRules(SurfaceCase surface, Action action, List<Finding> findings) {
        Area together = Area.ZERO;
        Sizes sizes = new Sizes();
        for (Place place : surface.places()) {
            Repair repair = planner.repair(place.mark(), surface.face().with(action), surface.job(action));
            if (repair.paintAfter() == PaintAfter.NOTHING) {
                continue;
            }
            together = together.plus(repair.finishedArea());
            if (repair.paintAfter() == PaintAfter.THE_PLACE) {
                sizes.add(place.mark(), repair, action);
            } else if (place.mark().fault().kind() != FaultKind.STAIN) {
                sizes.whole(place.mark().fault().kind());
            }
        }
        sizes.say(action, findings);
        // places are as large as they were drawn, also over a window and over each other
        double share = Math.min(
                100,
                together.inSquareMetres() / surface.face().wall().paintedArea().inSquareMetres() * 100);
        double most = figures.limit(Figure.SPOTS_SHARE);
        if (action == Action.DAB && share > most) {
            findings.add(new Finding.SpotsTakeTooMuch(share, most));
        }
    }

    /** The widest of what was marked. */
    private final class Sizes {
        private Length spot = Length.ZERO;
        private Length patch = Length.ZERO;
        private Area patchArea = Area.ZERO;
        private Optional<FaultKind> whole = Optional.empty();

        void whole(FaultKind kind) {
            whole = whole.or(() -> Optional.of(kind));
        }

        void add(Mark mark, Repair repair, Action action) {
            if (mark.fault() instanceof Fault.Patch area) {
                patch = longer(patch, area.extent());
                patchArea = area.area().compareTo(patchArea) > 0 ? area.area() : patchArea;
            } else if (!ALONG_AN_EDGE.contains(mark.fault().kind())) {
                // what is sanded past the filler does not count
                Length margin = figures.length(Figure.SANDED_BEYOND_FILLER).times(2);
                spot = longer(spot, repair.finishedAcross().minus(margin));
            }
        }

        private static Length longer(Length one, Length other) {
            return other.isLongerThan(one) ? other : one;
        }

        void say(Action action, List<Finding> findings) {
            whole.ifPresent(kind -> findings.add(new Finding.NeedsWholeWall(kind)));
            Length widest = action == Action.DAB ? figures.length(Figure.SPOT_DIAMETER) : WIDEST_FEATHERED_SPOT;
            if (spot.isLongerThan(widest.times(ABOUT))) {
                findings.add(new Finding.SpotTooWideToDab(spot, widest));
            }
            if (action == Action.DAB && patch.isLongerThan(Length.ZERO)) {
                findings.add(new Finding.PatchNeedsFeathering(patch));
            } else if (patchArea.compareTo(WIDEST_FEATHERED) > 0) {
                findings.add(new Finding.PatchTooWideToFeather(patchArea, WIDEST_FEATHERED));
            }
        }
    }
}
