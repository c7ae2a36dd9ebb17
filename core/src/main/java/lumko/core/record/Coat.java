package lumko.core.record;

import java.util.Optional;
import lumko.core.paint.Batch;

/**
 * One layer of a surface.
 *
 * @param paint key of product and colour, empty where nobody knows them
 * @param tin key of the tin it came from, empty where nobody knows it
 * @param job key of the job that put it on, empty if it was only told
 */
public record Coat(
        Layer layer,
        Optional<String> paint,
        Film film,
        Optional<String> tin,
        Batch batch,
        Age age,
        Optional<String> job) {
    /** A layer that is no paint, or one of which nothing more is known. */
    public static Coat of(Layer layer, Age age) {
        return new Coat(layer, Optional.empty(), Film.UNKNOWN, Optional.empty(), Batch.UNKNOWN, age, Optional.empty());
    }

    /** A finish coat of a known paint. */
    public static Coat finish(String paint, Film film, Optional<String> tin, Batch batch, Age age) {
        return new Coat(Layer.FINISH, Optional.of(paint), film, tin, batch, age, Optional.empty());
    }
}
