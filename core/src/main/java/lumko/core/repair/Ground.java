package lumko.core.repair;

import lumko.core.step.Site;
import lumko.core.wall.Substrate;
import lumko.core.wall.Texture;

/**
 * What a fault sits in: what the surface is made of, its relief, whether it is damp, and the house around it.
 *
 * @param damp whether somebody found damp in the room
 */
public record Ground(Substrate substrate, Texture texture, boolean damp, Site site) {
    public boolean isTextured() {
        return texture != Texture.SMOOTH;
    }
}
