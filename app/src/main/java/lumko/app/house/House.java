package lumko.app.house;

import java.util.UUID;
import lumko.core.activity.Site;

/** A house as a record knows it. */
public record House(UUID id, String name, int builtYear, Roof roof, boolean texturedCoating) {
    public Site site() {
        return new Site(builtYear, texturedCoating);
    }
}
