/**
 * Room air and what it does to wet materials: drying power, dew point, and waits with an earliest, likely and safe value.
 */
@NullMarked
package lumko.core.drying;

import org.jspecify.annotations.NullMarked;
