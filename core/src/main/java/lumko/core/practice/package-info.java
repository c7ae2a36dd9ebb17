/** The house practice: where the schools of the trade differ, and which of them an organisation follows. */
@NullMarked
package lumko.core.practice;

import org.jspecify.annotations.NullMarked;
