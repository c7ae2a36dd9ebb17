package lumko.core.job;

import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Volume;

/** A paint thinned for a first coat on what drinks: how much of it is paint and how much water. */
public record Thinned(Volume paint, Volume water) {
    public static Thinned of(Volume together, Catalogue figures) {
        double share = figures.share(Figure.MIST_PAINT_SHARE);
        return new Thinned(together.times(share), together.times(1 - share));
    }
}
