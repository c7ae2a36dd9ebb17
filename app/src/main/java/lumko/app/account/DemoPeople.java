package lumko.app.account;

import java.util.List;

/** Who can be entered as in one click when the application runs as a demo. */
public final class DemoPeople {
    public static final String LEAD = "mirela";
    public static final List<String> LOGINS = List.of(LEAD, "jonas", "saoirse", "emeka", "tobias");

    private DemoPeople() {}
}
