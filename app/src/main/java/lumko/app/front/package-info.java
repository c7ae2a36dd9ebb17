/**
 * The views that bring houses, walks and sheets together: the front of the houses, and a flat unfolded.
 */
@NullMarked
package lumko.app.front;

import org.jspecify.annotations.NullMarked;
