package lumko.core.colour;

/** Tristimulus values, scaled so that the perfect diffuser has Y = 100. */
public record Xyz(double x, double y, double z) {}
