package lumko.core.step;

import lumko.core.drying.DryingMaterial;
import lumko.core.quantity.Length;

/** What has to dry before the next step. How long that takes is a matter of the air. */
public record Wait(DryingMaterial material, Length thickness) {
    /** As thick as its reference wait is given for. */
    public static Wait of(DryingMaterial material) {
        return new Wait(material, material.referenceThickness());
    }
}
