package lumko.core.visibility;

import lumko.core.colour.Lab;
import lumko.core.colour.Srgb;
import lumko.core.colour.Xyz;

/**
 * A picture in tristimulus values, row by row from the top. Its arrays are shared, not copied: whoever makes one fills it and
 * then leaves it alone.
 */
public record XyzField(int width, int height, double[] x, double[] y, double[] z) {
    public XyzField(int width, int height) {
        this(width, height, new double[width * height], new double[width * height], new double[width * height]);
    }

    /** Puts the colour of a sample, relative to the white of the eye's path. */
    public void put(int at, Lab lab) {
        Xyz xyz = lab.xyz(Scielab.WHITE);
        x[at] = xyz.x();
        y[at] = xyz.y();
        z[at] = xyz.z();
    }

    /** What a screen shows of it: 0xRRGGBB, sample by sample. */
    public int[] onScreen() {
        int[] rgb = new int[x.length];
        double ofX = Srgb.WHITE.x() / Scielab.WHITE.x();
        double ofY = Srgb.WHITE.y() / Scielab.WHITE.y();
        double ofZ = Srgb.WHITE.z() / Scielab.WHITE.z();
        for (int at = 0; at < rgb.length; at++) {
            rgb[at] = Srgb.packed(x[at] * ofX, y[at] * ofY, z[at] * ofZ);
        }
        return rgb;
    }
}
