/**
 * The words a job is written in: kinds of activity, tools, materials, cautions, advice; what is used up; what is left wet and
 * what it has to be dry for; and the single move that a place or a coat asks for.
 */
@NullMarked
package lumko.core.activity;

import org.jspecify.annotations.NullMarked;
