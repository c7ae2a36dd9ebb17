package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;

import java.util.Optional;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Move;
import lumko.core.activity.Site;
import lumko.core.activity.Tool;
import lumko.core.activity.Use;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.Fixture;
import lumko.core.hold.Need;
import lumko.core.paint.Binder;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Volume;

/** The finish of skirting, frames, sills and doors, and of fixtures painted apart: swept, lightly sanded, brushed. What prepares it is laid before. */
final class TrimWork {
    private final Practice practice;
    private final Catalogue figures;
    private final Laying laying;
    private final Kit kit;
    private final Site site;

    TrimWork(Practice practice, Catalogue figures, Laying laying, Kit kit, Site site) {
        this.practice = practice;
        this.figures = figures;
        this.laying = laying;
        this.kit = kit;
        this.site = site;
    }

    void lay(Task task) {
        if (!practice.is(School.TRIM_FIRST)) {
            Area below = task.face().run().times(figures.length(Figure.FLOOR_STRIP));
            laying.in(
                    task.room(),
                    Move.of(SWEEP)
                            .area(below)
                            .hand(figures.over(Figure.SWEEP, below))
                            .with(Tool.DUSTING_BRUSH, Tool.VACUUM));
        }
        boolean isPrimed = task.needs(Need.ADHESION_PRIMER)
                || task.needs(Need.NEW_SURFACE_PRIMER)
                || task.needs(Need.METAL_PRIMER);
        if (isPrimed || !task.needs(Need.KEY_SAND)) {
            laying.on(task, sanded(task));
        }
        kit.open(task);
        coat(task, PAINT_TRIM);
        if (task.build().finish() > 1) {
            coat(task, PAINT_TRIM_AGAIN);
        }
        kit.washed(task);
    }

    /** Wet where old coats may hold lead. */
    private Move sanded(Task task) {
        Move move = Move.of(SAND_TRIM).edge(task.face().edge()).hand(Brushed.keyed(task.face(), figures));
        return task.ground().isWorkedWet(practice, figures)
                ? site.disturbing(move, figures)
                        .with(Tool.WET_PAPER, Tool.DAMP_SPONGE)
                        .leaves(Wet.of(DryingMaterial.DAMP_WALL))
                : move.dusty().with(Tool.PAPER_220);
    }

    private void coat(Task task, ActivityKind kind) {
        Face face = task.face();
        boolean isSolvent = face.goesOn().binder() == Binder.SOLVENTBORNE;
        DryingMaterial material = isSolvent ? DryingMaterial.TRIM_SOLVENT : DryingMaterial.TRIM_WATER;
        Move how = face.isTrimOfRoom()
                ? Move.of(kind)
                        .count(face.parts().doorSides() + face.parts().windows())
                        .edge(face.edge())
                : Move.of(kind).area(face.wall().grossArea());
        Move paint = how.hand(Brushed.coat(face, figures))
                .uses(new Use(
                        task.material(),
                        task.paint(),
                        volume(task).times(1 + figures.share(Figure.LOSS_BRUSH) + figures.share(Figure.LOSS_TIN))))
                .leaves(Wet.of(material, face.goesOn().recoat()))
                .with(Tool.SASH_BRUSH, Tool.SMALL_BRUSH, Tool.POT)
                .says(face.parts().fixture().flatMap(TrimWork::advice).stream().toArray(Advice[]::new));
        laying.on(task, isSolvent ? paint.with(Caution.SOLVENT).with(Tool.GLOVES) : paint);
    }

    private static Optional<Advice> advice(Fixture.Kind kind) {
        return switch (kind) {
            case DOOR -> Optional.of(Advice.DOOR_AJAR);
            case WINDOW -> Optional.of(Advice.WINDOW_MOVED);
            case RADIATOR -> Optional.of(Advice.HEATING_OFF);
            case SHELVES, CUPBOARD -> Optional.of(Advice.NOTHING_ON_IT);
            case PANELLING, GRILLE, METALWORK -> Optional.empty();
        };
    }

    /** A door has the litres of a side with its frame, a window half of that. */
    private Volume volume(Task task) {
        Face face = task.face();
        double sides = face.parts().doorSides() + face.parts().windows() * 0.5;
        return kit.coat(task, Brushed.sheet(face))
                .plus(figures.volume(Figure.DOOR_SIDE_LITRES).times(sides));
    }
}
