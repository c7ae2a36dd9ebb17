package lumko.app.platform;

import java.util.Locale;
import lumko.core.geometry.UsualSize;

/** The units and trade words that an organisation reads and writes. What is stored is metric. */
public enum UnitSystem {
    METRIC(Locale.UK, UsualSize.Market.METRIC),
    US(Locale.US, UsualSize.Market.US);

    private final Locale locale;
    private final UsualSize.Market market;

    UnitSystem(Locale locale, UsualSize.Market market) {
        this.locale = locale;
        this.market = market;
    }

    /** Where its doors and sockets are made. */
    public UsualSize.Market market() {
        return market;
    }

    public Locale locale() {
        return locale;
    }
}
