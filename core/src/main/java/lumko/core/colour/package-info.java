/**
 * Colour by the standards: reflectance to tristimulus values to CIELAB, colour differences, what a screen shows, readings with
 * their uncertainty. XYZ are scaled so that the perfect diffuser has Y = 100. Sources: CIE 15:2018, ASTM E308, CIE 142:2001,
 * IEC 61966-2-1.
 */
@NullMarked
package lumko.core.colour;

import org.jspecify.annotations.NullMarked;
