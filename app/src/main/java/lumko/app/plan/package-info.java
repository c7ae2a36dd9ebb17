/**
 * Flats planned together: what is planned, searched for in the background, offered and taken; who works when; day lists and
 * calendars. What is in force changes only when somebody takes another plan.
 */
@NullMarked
package lumko.app.plan;

import org.jspecify.annotations.NullMarked;
