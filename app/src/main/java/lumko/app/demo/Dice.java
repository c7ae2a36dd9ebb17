package lumko.app.demo;

import java.util.Random;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Chance that falls the same each time. */
@Component
@Lazy
class Dice extends Random {
    private static final long serialVersionUID = 1;
    private static final long SEED = 1911;

    Dice() {
        super(SEED);
    }
}
