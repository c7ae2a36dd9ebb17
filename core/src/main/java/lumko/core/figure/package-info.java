/**
 * The catalogue of figures of the trade. Every minute, spread rate, waiting time and threshold that a plan uses comes from
 * here, so that an organisation can set its own.
 */
@NullMarked
package lumko.core.figure;

import org.jspecify.annotations.NullMarked;
