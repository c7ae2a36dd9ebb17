package lumko.core.film;

/**
 * A way to hide what is there: so many undercoats in the best grey, so many coats of the finish.
 *
 * @param finish coats of the finish; one more than looked at where even those do not hide
 * @param left ΔE00 that is left to see
 */
public record CoatPlan(int undercoats, int finish, double left) {
    public int coats() {
        return undercoats + finish;
    }
}
