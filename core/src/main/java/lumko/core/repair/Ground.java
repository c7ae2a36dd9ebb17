package lumko.core.repair;

import java.util.Set;
import lumko.core.activity.Site;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Catalogue;
import lumko.core.geometry.Texture;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.record.Age;
import lumko.core.record.Substrate;

/**
 * What a fault sits in: what the surface is made of, its relief, what was found of the room, the house around it, and how the
 * place is painted afterwards.
 *
 * @param topAge how old the coat is that a fresh fault was made in
 * @param isRaw whether there is no coat on it: bare plaster or board is never washed
 */
public record Ground(
        Substrate substrate,
        Texture texture,
        Set<RoomFinding> findings,
        Site site,
        Painted painted,
        Age topAge,
        boolean isRaw) {
    /** How a place is painted once it is made good. */
    public enum Painted {
        /** Only the place: nothing around it may be touched. */
        IN_SPOTS,
        /** The surface from edge to edge. */
        FROM_EDGE_TO_EDGE
    }

    public Ground {
        findings = Set.copyOf(findings);
    }

    /** One with a coat on it. */
    public Ground(
            Substrate substrate, Texture texture, Set<RoomFinding> findings, Site site, Painted painted, Age topAge) {
        this(substrate, texture, findings, site, painted, topAge, false);
    }

    public boolean isTextured() {
        return texture != Texture.SMOOTH;
    }

    public boolean isDamp() {
        return findings.contains(RoomFinding.DAMP);
    }

    /** Whether it is old or new plaster rather than board, timber, metal or panel. */
    public boolean isPlaster() {
        return substrate.isPlaster();
    }

    /** Whether it sucks new plaster dry. */
    public boolean isOldPlaster() {
        return substrate == Substrate.LIME_PLASTER;
    }

    /** Where old coats may hold lead or asbestos, or the house levels damp, nothing is sanded dry. */
    public boolean isWorkedWet(Practice practice, Catalogue figures) {
        return practice.is(School.DAMP_SPONGE) || site.isWorkedWet(figures);
    }
}
