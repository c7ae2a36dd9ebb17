/**
 * Who works here, who was let in and who was not, and what was done by whom.
 */
@NullMarked
package lumko.app.people;

import org.jspecify.annotations.NullMarked;
