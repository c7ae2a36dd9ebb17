package lumko.app;

import java.io.IOException;
import org.junit.jupiter.api.Tag;

/** As it is compiled. */
@Tag("slow")
class ManyAtOnceTest extends ManyAtOnce {
    @Override
    Copy start(TestDatabase.Access on) throws IOException {
        return Copy.of(on);
    }
}
