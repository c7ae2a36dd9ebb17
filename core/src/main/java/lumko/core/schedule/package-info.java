/**
 * When the activities of a job can be done: started when the hands are free and what they come upon is dry, ended before what
 * runs out has run out; and, once it is under way, what is wet now, what may begin, until when it has to.
 */
@NullMarked
package lumko.core.schedule;

import org.jspecify.annotations.NullMarked;
