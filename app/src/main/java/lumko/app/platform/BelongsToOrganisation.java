package lumko.app.platform;

import java.util.UUID;

/** A signed-in principal that acts for one organisation. */
public interface BelongsToOrganisation {
    UUID organisationId();

    UnitSystem units();

    /** Time zone of the organisation's houses. */
    String zone();
}
