/**
 * The sheet: steps with figures, ticks, drying clocks; closing it writes the record.
 */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "catalogue",
            "drawing",
            "figure",
            "history",
            "house",
            "kept",
            "outcome",
            "platform",
            "practice",
            "store",
            "walk"
        })
@NullMarked
package lumko.app.sheet;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
