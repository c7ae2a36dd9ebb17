/**
 * Who does what when in several flats at once: what is planned, what a plan costs and which rules it keeps, the orders a foreman
 * would choose by hand, and the search for a better one.
 *
 * <p>Times are whole minutes from a common zero, spans half-open. Nothing here knows what a step is: it takes hands for some
 * minutes at one go, has to dry for some, and must not wait longer than some.
 *
 * <p><i>Source</i>: serial schedule generation, Kolisch and Hartmann 1999; ruin and recreate with blinks, Christiaens and Vanden
 * Berghe, Slack induction by string removals, Transportation Science 54 (2020); threshold by annealing, Kirkpatrick 1983.
 */
@NullMarked
package lumko.core.plan;

import org.jspecify.annotations.NullMarked;
