package lumko.core.visibility;

/**
 * A touch-up and an eye that looks at it, whatever the colours are.
 *
 * @param wall what the wall was painted with
 * @param wallGloss of the wall at 60°
 * @param contrastRatio of the paint that goes on, 0–1
 * @param dryMicrometres its film where it covers wholly
 * @param metres from the eye to the wall
 */
public record Look(
        Patch patch,
        TouchUpTool wall,
        Stipples stipples,
        Light light,
        double wallGloss,
        double contrastRatio,
        double dryMicrometres,
        View view,
        double metres) {}
