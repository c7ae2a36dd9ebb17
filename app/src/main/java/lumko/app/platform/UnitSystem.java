package lumko.app.platform;

import java.util.Locale;

/** The units and trade words that an organisation reads and writes. What is stored is metric. */
public enum UnitSystem {
    METRIC(Locale.UK),
    US(Locale.US);

    private final Locale locale;

    UnitSystem(Locale locale) {
        this.locale = locale;
    }

    public Locale locale() {
        return locale;
    }
}
