package lumko.app.walk;

import lumko.app.catalogue.Paint;
import lumko.app.store.Tin;

/** What goes on a surface, where that is not just the same again. */
public sealed interface Next {
    Paint paint();

    /** From a tin in the store. */
    record FromTin(Tin tin) implements Next {
        @Override
        public Paint paint() {
            return tin.paint();
        }
    }

    /** Still to be bought. */
    record ToBuy(Paint paint) implements Next {}
}
