package lumko.core.colour;

/** A colour in CIELAB. Source: CIE 15:2018, 8.2.1. */
public record Lab(double lightness, double a, double b) {
    /** How strong the colour is: C*ab. */
    public double chroma() {
        return Math.hypot(a, b);
    }
}
