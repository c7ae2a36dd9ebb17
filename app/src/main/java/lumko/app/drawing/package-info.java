/** Walls and windows as pictures to scale: what goes into an SVG, in millimetres from the upper left. */
@ApplicationModule(allowedDependencies = {})
@NullMarked
package lumko.app.drawing;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
