/**
 * A made-up housing society to try everything with, entered through the same services that a user works with.
 */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "catalogue",
            "house",
            "kept",
            "plan",
            "platform",
            "reading",
            "sheet",
            "store",
            "walk"
        })
@NullMarked
package lumko.app.demo;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
