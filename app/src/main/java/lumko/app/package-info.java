/** Lumko as a web application: one package a feature, each with a small public face. */
@NullMarked
package lumko.app;

import org.jspecify.annotations.NullMarked;
