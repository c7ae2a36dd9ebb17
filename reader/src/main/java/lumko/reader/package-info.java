/**
 * A colour reader that stands in for a real one: a program of its own that speaks the line protocol of docs/reader.md over TCP,
 * with the noise, the drift and the troubles of an instrument.
 */
@NullMarked
package lumko.reader;

import org.jspecify.annotations.NullMarked;
