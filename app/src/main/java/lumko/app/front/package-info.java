/**
 * The views that bring houses, walks and sheets together: the front of the houses, and a flat unfolded.
 */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "catalogue",
            "drawing",
            "figure",
            "house",
            "outcome",
            "plan",
            "platform",
            "sheet",
            "walk"
        })
@NullMarked
package lumko.app.front;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
