/**
 * Flats planned together: what is planned, searched for in the background, offered and taken; who works when; day lists and
 * calendars. What is in force changes only when somebody takes another plan.
 */
@ApplicationModule(allowedDependencies = {"account", "figure", "history", "house", "platform", "sheet", "walk"})
@NullMarked
package lumko.app.plan;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
