/**
 * Walking a wall: marks, the paint question, the verdict.
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
            "learnt",
            "platform",
            "practice",
            "reading",
            "store"
        })
@NullMarked
package lumko.app.walk;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
