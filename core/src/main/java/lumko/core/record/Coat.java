package lumko.core.record;

import java.util.Optional;
import java.util.Set;
import lumko.core.paint.Batch;

/**
 * One layer of a surface.
 *
 * @param paint key of product and colour, empty where nobody knows them
 * @param tins keys of the tins it came from: several where they were boxed, none where nobody knows
 * @param job key of the job that put it on, empty if it was only told
 */
public record Coat(
        Layer layer, Optional<String> paint, Film film, Set<String> tins, Batch batch, Age age, Optional<String> job) {
    public Coat {
        tins = Set.copyOf(tins);
    }

    /** A layer that is no paint, or one of which nothing more is known. */
    public static Coat of(Layer layer, Age age) {
        return new Coat(layer, Optional.empty(), Film.UNKNOWN, Set.of(), Batch.UNKNOWN, age, Optional.empty());
    }

    /** A finish coat of a known paint. */
    public static Coat finish(String paint, Film film, Set<String> tins, Batch batch, Age age) {
        return new Coat(Layer.FINISH, Optional.of(paint), film, tins, batch, age, Optional.empty());
    }

    /** The same, now that it is known which tin it came from. */
    Coat from(String tin, Batch ofTin) {
        return new Coat(layer, paint, film, Set.of(tin), ofTin, age, job);
    }
}
