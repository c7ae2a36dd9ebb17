package lumko.app.reading;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Paints;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Surface;
import lumko.app.platform.Speaker;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.film.Ageing;
import lumko.core.paint.Binder;
import lumko.core.record.Age;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * What a stand-in for the reader is held against, because it has no head to hold: the paint on record as it has become, or, where
 * nobody knows, one of the organisation's colours, always the same for a wall. Nothing where a real instrument is connected.
 */
@Component
class StandInTarget {
    private final Paints paints;
    private final Speaker speaker;
    private final boolean isStandIn;

    StandInTarget(Paints paints, Speaker speaker, @Value("${lumko.reader.stand-in}") boolean isStandIn) {
        this.paints = paints;
        this.speaker = speaker;
        this.isStandIn = isStandIn;
    }

    Optional<Spectrum> of(Flat flat, UUID surfaceId, boolean isWashed) {
        if (!isStandIn) {
            return Optional.empty();
        }
        Surface surface = flat.surface(surfaceId).orElseThrow();
        Optional<Coat> top = surface.topCoat().filter(coat -> coat.colour().isPresent());
        Colour colour = top.flatMap(Coat::colour).orElseGet(() -> any(surfaceId));
        Ageing aged = Ageing.of(
                colour.lab(),
                Age.since(top.flatMap(Coat::appliedOn), speaker.today()),
                flat.roomOf(surfaceId).kind(),
                surface.light(),
                top.flatMap(Coat::product).map(product -> product.gloss60()).orElse(4.0),
                top.flatMap(Coat::product).map(product -> product.binder()).orElse(Binder.WATERBORNE),
                isWashed);
        return Optional.of(SmoothReflectance.of(aged.likely(), Colorimetry.DAYLIGHT));
    }

    private Colour any(UUID surfaceId) {
        List<Colour> colours = paints.book().coloursByName();
        return colours.get(Math.floorMod(surfaceId.hashCode(), colours.size()));
    }
}
