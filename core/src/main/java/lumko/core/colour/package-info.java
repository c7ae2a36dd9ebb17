/**
 * Colour as the screen and the verdict need it: sRGB to CIELAB.
 */
@NullMarked
package lumko.core.colour;

import org.jspecify.annotations.NullMarked;
