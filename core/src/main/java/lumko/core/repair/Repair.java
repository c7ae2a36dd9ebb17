package lumko.core.repair;

import java.util.List;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/**
 * How one fault is made good up to the point where it is ready for paint.
 *
 * @param finishedAcross how wide the place is that has to be painted afterwards
 */
public record Repair(Method method, List<Fill> fills, Length finishedAcross) {
    public Repair {
        fills = List.copyOf(fills);
    }

    /** The way of making good. */
    public enum Method {
        PULL_AND_FILL_FLUSH,
        UNSCREW_PLUG_AND_FILL,
        FILL_FLUSH,
        MESH_PATCH,
        PLUG_WITH_PAPER_FLANGE,
        BOARD_TO_FRAMING,
        RAKE_AND_FILL,
        RAKE_TAPE_AND_FILL,
        SCRAPE_EDGE,
        BLOCK_STAIN
    }

    public Volume filler() {
        return fills.stream().map(Fill::volume).reduce(Volume.ZERO, Volume::plus);
    }
}
