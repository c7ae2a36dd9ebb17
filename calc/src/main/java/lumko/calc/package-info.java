/**
 * The core from the command line: tables in, tables out, for scripts and spreadsheets.
 */
@NullMarked
package lumko.calc;

import org.jspecify.annotations.NullMarked;
