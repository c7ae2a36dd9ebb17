package lumko.app.house;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import lumko.app.drawing.WallDrawing;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.core.geometry.Box;
import lumko.core.geometry.Spot;
import lumko.core.geometry.UsualSize;
import lumko.core.job.FittingWay;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The form that sets openings and fittings on a wall or a ceiling; what is left blank is as usual. */
@Component
class FeatureFields {
    private static final Limits TIMES = new Limits("times", 1, 20, "");

    private final Speaker speaker;

    FeatureFields(Speaker speaker) {
        this.speaker = speaker;
    }

    /** What can be in a surface, as large as it usually is. */
    record UsualFeature(WallFeature kind, UsualSize usual) {}

    /** Adds what can be in a surface, and the picture that it is set on; nothing for trim. */
    void show(Flat flat, UUID surfaceId, Model model) {
        Surface surface = flat.surface(surfaceId).orElseThrow(NotFoundException::new);
        if (surface.wall().isEmpty()) {
            return;
        }
        List<WallFeature> kinds = surface.isCeiling() ? WallFeature.ofCeilings() : WallFeature.ofWalls();
        model.addAttribute(
                "kinds",
                kinds.stream()
                        .map(kind -> new UsualFeature(
                                kind, kind.usual(speaker.words().units().market())))
                        .toList());
        model.addAttribute("drawing", WallDrawing.of(surface.asWall(), surface.fill(), List.of()));
        model.addAttribute(
                "trimFill", flat.roomOf(surfaceId).only(SurfaceKind.TRIM).fill());
    }

    /** One of a kind, or several in a row; empty, with sentences at its fields, where it is none. */
    Optional<List<NewRoom.Feature>> read(Form form, Surface surface) {
        WallFeature kind = form.one("feature", WallFeature.class);
        if (form.hasErrors()) {
            return Optional.empty();
        }
        UsualSize usual = kind.usual(speaker.words().units().market());
        Length width = form.metresOr("featureWidth", RecordFields.SIZE, usual.width());
        Length height = form.metresOr("featureHeight", RecordFields.SIZE, usual.height());
        Spot corner = surface.isCeiling()
                ? overhead(form, surface, width, height)
                : new Spot(
                        form.metres("left", RecordFields.PLACE),
                        form.metresOr("bottom", RecordFields.PLACE, usual.bottom()));
        int times = form.typed("times").isEmpty() ? 1 : form.whole("times", TIMES);
        Length apart = times > 1 ? form.metres("apart", RecordFields.SIZE) : Length.ZERO;
        // nobody types it: what was taken off by mistake is entered again as it was
        Optional<FittingWay.Way> way = form.optionalOne("way", FittingWay.Way.class);
        return form.hasErrors()
                ? Optional.empty()
                : Optional.of(IntStream.range(0, times)
                        .mapToObj(n -> new Box(
                                new Spot(corner.fromLeft().plus(apart.times(n)), corner.aboveFloor()), width, height))
                        .map(box -> new NewRoom.Feature(kind, box, way))
                        .toList());
    }

    /** A lamp hangs in the middle of its ceiling unless somebody says where. */
    private static Spot overhead(Form form, Surface ceiling, Length width, Length height) {
        return new Spot(
                form.metresOr(
                        "left", RecordFields.PLACE, middle(ceiling.asWall().width(), width)),
                form.metresOr(
                        "bottom", RecordFields.PLACE, middle(ceiling.asWall().height(), height)));
    }

    private static Length middle(Length of, Length wide) {
        return of.isLongerThan(wide) ? of.minus(wide).times(0.5) : Length.ZERO;
    }
}
