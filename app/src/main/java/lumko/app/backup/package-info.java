/** The whole database in a file, checked by coming back from it, and back. Knows nothing of what is in it. */
@NullMarked
package lumko.app.backup;

import org.jspecify.annotations.NullMarked;
