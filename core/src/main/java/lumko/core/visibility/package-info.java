/**
 * How visible a touch-up is: the patch as a field on the wall in millimetres, the light on it, and the eye at a distance.
 * Lengths in millimetres and micrometres as named, angles in degrees, colours in CIE tristimulus values under D65 for the 2°
 * observer (Y of the perfect white = 100). Values in, values out; nothing here knows an interface.
 */
@NullMarked
package lumko.core.visibility;

import org.jspecify.annotations.NullMarked;
