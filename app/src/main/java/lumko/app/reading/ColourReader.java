package lumko.app.reading;

import java.util.Optional;
import lumko.core.colour.Spectrum;

/** An instrument that reads reflectances. One hand uses it at a time. */
public interface ColourReader {
    /** What came of asking it. */
    sealed interface Answer {
        /** It stands on its tile and is calibrated. */
        record Calibrated(String instrument, double driftPercent) implements Answer {}

        /** It has read a place. */
        record Read(Spectrum spectrum) implements Answer {}

        /** It could not. */
        record Failed(Trouble trouble) implements Answer {}
    }

    /** Why it could not. */
    enum Trouble {
        NOT_THERE,
        NOT_ON_TILE,
        WANTS_ITS_TILE,
        LIFTED,
        LIGHT_FELL_IN,
        CUT_OFF,
        NOT_UNDERSTOOD
    }

    Answer calibrate();

    /** @param heldAgainst what a stand-in has to be told, because it is held against nothing */
    Answer read(Optional<Spectrum> heldAgainst);
}
