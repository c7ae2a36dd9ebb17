/**
 * Organisations, their people, signing in, and who may change what.
 */
@NullMarked
package lumko.app.account;

import org.jspecify.annotations.NullMarked;
