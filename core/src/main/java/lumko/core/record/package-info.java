/**
 * What is on a surface, layer by layer: its substrate, its coats with their age and batch, what the next coat meets, and how
 * sure one is of the paint that would go on. What nobody knows is said to be unknown, never guessed.
 */
@NullMarked
package lumko.core.record;

import org.jspecify.annotations.NullMarked;
