package lumko.app.account;

import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.List;
import lumko.app.platform.Form;
import lumko.app.platform.UnitSystem;
import lumko.app.platform.Words;

/**
 * What an organisation is called, the units and words it reads, and where its houses stand.
 *
 * @param zone a time zone by its name, as Europe/London
 */
public record Settings(String organisation, UnitSystem units, String zone) {
    /** Reads the fields {@code organisation}, {@code units} and {@code zone}. */
    public static Settings read(Form form, Words words) {
        Settings read = new Settings(
                form.text("organisation", 120), form.one("units", UnitSystem.class), form.text("zone", 60));
        try {
            ZoneId.of(read.zone);
        } catch (DateTimeException unknown) {
            form.refuse("zone", words.say("refused.zone", read.zone));
        }
        return read;
    }

    /** The time zones that are named by a place. */
    public static List<String> zones() {
        return ZoneId.getAvailableZoneIds().stream()
                .filter(zone ->
                        zone.matches("(Africa|America|Antarctica|Asia|Atlantic|Australia|Europe|Indian|Pacific)/.*"))
                .sorted()
                .toList();
    }
}
