/**
 * Who did what to a flat, a surface or a mark, and when: written once, never changed.
 */
@NullMarked
package lumko.app.history;

import org.jspecify.annotations.NullMarked;
