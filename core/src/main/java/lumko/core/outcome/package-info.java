/** What has been seen of touched-up walls, and what the chance that one shows learns from it. */
@NullMarked
package lumko.core.outcome;

import org.jspecify.annotations.NullMarked;
