/** Whether the next coat holds on what is there, and what it needs first. */
@NullMarked
package lumko.core.hold;

import org.jspecify.annotations.NullMarked;
