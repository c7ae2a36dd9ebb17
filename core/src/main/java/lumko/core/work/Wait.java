package lumko.core.work;

import lumko.core.drying.DryingMaterial;
import lumko.core.quantity.Length;

/** What has to dry before the next step. How long that takes is a matter of the air. */
public record Wait(DryingMaterial material, Length thickness) {
    static Wait of(DryingMaterial material) {
        return new Wait(material, material.referenceThickness());
    }
}
