/**
 * A made-up housing society to try everything with, entered through the same services that a user works with.
 */
@NullMarked
package lumko.app.demo;

import org.jspecify.annotations.NullMarked;
