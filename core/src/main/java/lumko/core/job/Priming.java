package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;

import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Move;
import lumko.core.activity.Tool;
import lumko.core.activity.Use;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.hold.Need;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.repair.Method;
import lumko.core.repair.Repair;

/** What goes under the paint so that it holds and shows one tone: blocked, primed, sealed in places or all over. */
final class Priming {
    private final Practice practice;
    private final Catalogue figures;
    private final Laying laying;

    Priming(Practice practice, Catalogue figures, Laying laying) {
        this.practice = practice;
        this.figures = figures;
        this.laying = laying;
    }

    private boolean isLight() {
        return practice.is(School.LIGHT_PREPARATION);
    }

    private boolean isSelfPriming() {
        return practice.is(School.SELF_PRIMING_TWO) || practice.is(School.SELF_PRIMING_THREE);
    }

    void lay(Task task) {
        if (task.isWhole()) {
            whole(task);
        } else if (task.face().action().isSpots()) {
            places(task);
        }
    }

    private void whole(Task task) {
        boolean primesAll = false;
        if (task.needs(Need.SEALER)) {
            whole(
                    task,
                    BLOCK_STAIN,
                    Material.STAIN_BLOCK,
                    Figure.SPREAD_STAIN_BLOCK,
                    DryingMaterial.PRIMER,
                    Advice.SECOND_BLOCK_COAT);
            primesAll = true;
        }
        if (task.needs(Need.METAL_PRIMER) && !task.has(Method.WIRE_OFF_AND_PRIME)) {
            whole(task, PRIME_METAL, Material.METAL_PRIMER, Figure.SPREAD_STAIN_BLOCK, DryingMaterial.PRIMER);
            primesAll = true;
        }
        if (task.needs(Need.ADHESION_PRIMER)) {
            adhesion(task);
            primesAll = true;
        }
        if (!isLight() && !isSelfPriming() && bare(task)) {
            primesAll = true;
        }
        if (!primesAll) {
            places(task);
        }
        if (!primesAll) {
            undercoats(task);
        }
    }

    private void undercoats(Task task) {
        ActivityKind first = task.face().isTrim() ? PRIME_TRIM : PRIME_WALL;
        for (int coat = 0; coat < task.build().undercoats(); coat++) {
            whole(
                    task,
                    coat == 0 ? first : PRIME_AGAIN,
                    Material.UNDERCOAT,
                    Figure.SPREAD_PRIMER,
                    DryingMaterial.PRIMER,
                    Advice.TINT_UNDERCOAT);
        }
    }

    /** Primes what has no film left; whether there was any such. */
    private boolean bare(Task task) {
        if (task.isStripped()) {
            stripped(task);
            return true;
        }
        if (task.needs(Need.MIST_COAT)) {
            whole(task, ActivityKind.MIST_COAT, Material.MIST_COAT, Figure.SPREAD_MIST_COAT, DryingMaterial.EMULSION);
            return true;
        }
        if (task.needs(Need.NEW_SURFACE_PRIMER) || task.isSkimmed()) {
            newSurface(task);
            return true;
        }
        return false;
    }

    /** Plaster from under paper, filled in places: sealed all over in the way of the house, and lightly sanded. */
    private void stripped(Task task) {
        if (practice.is(School.SEAL_WITH_THINNED_PAINT)) {
            whole(task, SEAL_THINNED, Material.THINNED_PAINT, Figure.SPREAD_MIST_COAT, DryingMaterial.EMULSION);
        } else if (task.ground().isPlaster()) {
            whole(task, ActivityKind.MIST_COAT, Material.MIST_COAT, Figure.SPREAD_MIST_COAT, DryingMaterial.EMULSION);
        } else {
            whole(
                    task,
                    PRIME_WALL,
                    Material.PRIMER,
                    Figure.SPREAD_PRIMER,
                    DryingMaterial.PRIMER,
                    Advice.PRIMER_EVEN_TONE);
        }
        sandPrimer(task, LIGHT_SAND, 0);
    }

    /** New board, skim, timber: in as many coats as the build-up of the house has, sanded after each. */
    private void newSurface(Task task) {
        boolean isThinned = practice.is(School.THINNED_SEALER_AND_TWO);
        ActivityKind kind = task.face().isTrim() ? PRIME_TRIM : PRIME_WALL;
        whole(
                task,
                kind,
                isThinned ? Material.THINNED_PAINT : Material.PRIMER,
                isThinned ? Figure.SPREAD_MIST_COAT : Figure.SPREAD_PRIMER,
                isThinned ? DryingMaterial.EMULSION : DryingMaterial.PRIMER,
                Advice.PRIMER_EVEN_TONE);
        if (task.face().isTrim()) {
            return;
        }
        sandPrimer(task, SAND_PRIMER, 0);
        if (practice.is(School.TWO_PRIMERS_AND_TWO)) {
            whole(
                    task,
                    PRIME_AGAIN,
                    Material.PRIMER,
                    Figure.SPREAD_PRIMER,
                    DryingMaterial.PRIMER,
                    Advice.PRIMER_EVEN_TONE);
            sandPrimer(task, SAND_PRIMER, 1);
        }
    }

    private void adhesion(Task task) {
        whole(
                task,
                ADHESION_PRIME,
                Material.ADHESION_PRIMER,
                Figure.SPREAD_STAIN_BLOCK,
                DryingMaterial.ADHESION_PRIMER,
                Advice.UNKEYED_PEELS);
    }

    /** By roller; trim by brush. */
    private void whole(
            Task task, ActivityKind kind, Material material, Figure spread, DryingMaterial dries, Advice... says) {
        Move move = Move.of(kind)
                .area(task.painted())
                .uses(material, figures.coat(spread, task.painted()).times(task.texture(figures)))
                .leaves(Wet.of(dries))
                .says(says);
        if (material == Material.STAIN_BLOCK || material == Material.METAL_PRIMER) {
            move = move.with(Caution.SOLVENT);
        }
        if (task.face().isTrim()) {
            laying.on(
                    task,
                    move.edge(task.face().edge())
                            .hand(Brushed.coat(task.face(), figures))
                            .with(Tool.SMALL_BRUSH, Tool.GLOVES));
            return;
        }
        Move rolled = move.hand(figures.over(Figure.PRIME_WALL, task.painted()))
                .with(Caution.SPLASHES)
                .with(Tool.ROLLER, Tool.POLE, Tool.TRAY, Tool.GOGGLES, Tool.ANGLED_BRUSH);
        laying.on(task, task.face().isCeiling() ? rolled.says(Advice.EYES_OVERHEAD) : rolled);
    }

    /** Wet where old coats may hold lead: a pass meant for the nibs goes through at an edge. */
    private void sandPrimer(Task task, ActivityKind kind, int round) {
        Move move =
                Move.of(kind).round(round).area(task.painted()).hand(figures.over(Figure.SAND_PRIMER, task.painted()));
        laying.on(
                task,
                task.ground().isWorkedWet(practice, figures)
                        ? move.with(Tool.WET_PAPER, Tool.DAMP_SPONGE).leaves(Wet.of(DryingMaterial.DAMP_WALL))
                        : move.dusty().with(Tool.PAPER_220, Tool.POLE));
    }

    /** Every filled or bare place is sealed, or it shows dull. */
    void places(Task task) {
        if (isLight() || isSelfPriming()) {
            return;
        }
        for (Task.Made made : task.made()) {
            if (made.repair().isBare() && (task.isWhole() || Spots.isPrimed(made, practice, figures))) {
                laying.at(task, made.place(), task.overhead(sealed(task, made.repair())));
            }
        }
    }

    private Move sealed(Task task, Repair repair) {
        Area round = Area.ofDisc(figures.length(Figure.PRIMED_ROUND_SPOT));
        Area area = repair.finishedArea().compareTo(round) > 0 ? repair.finishedArea() : round;
        boolean isThinned = practice.is(School.SEAL_WITH_THINNED_PAINT);
        Move move = Move.of(SPOT_PRIME)
                .count(1)
                .hand(figures.each(Figure.SPOT_PRIME, 1))
                .hand(figures.over(Figure.PRIME_WALL, area.without(round)))
                .with(Tool.SMALL_BRUSH)
                .says(Advice.PRIME_EVERY_FILL);
        if (isThinned) {
            return move.uses(Material.THINNED_PAINT, figures.coat(Figure.SPREAD_MIST_COAT, area))
                    .leaves(emulsion(task));
        }
        return practice.is(School.SEAL_WITH_BRUSHED_COAT)
                ? move.uses(new Use(task.material(), task.paint(), figures.coat(Figure.SPREAD_EMULSION, area)))
                        .leaves(emulsion(task))
                : move.uses(Material.PRIMER, figures.coat(Figure.SPREAD_PRIMER, area))
                        .leaves(Wet.of(DryingMaterial.PRIMER));
    }

    private static Wet emulsion(Task task) {
        return Wet.of(DryingMaterial.EMULSION, task.face().goesOn().recoat());
    }
}
