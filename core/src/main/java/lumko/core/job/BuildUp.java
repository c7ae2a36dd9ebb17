package lumko.core.job;

import java.util.Optional;
import lumko.core.colour.Lab;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.practice.Practice;
import lumko.core.practice.School;

/**
 * How many coats go on a surface. Two are the rule; one where a fresh, whole film of the same paint is only made good; three
 * where the house builds up so. From dark to light, where the first coat would let it grin through, an undercoat goes first.
 * What somebody has decided on at the wall goes before all of that.
 *
 * @param undercoats near the final colour, under the finish, 0–{@value #MOST_UNDERCOATS}
 * @param finish coats of the finish that are still to come, 1–{@value #MOST_FINISH}
 */
public record BuildUp(int undercoats, int finish) {
    public static final int MOST_UNDERCOATS = 2;
    public static final int MOST_FINISH = 4;

    public BuildUp {
        if (undercoats < 0 || undercoats > MOST_UNDERCOATS) {
            throw new IllegalArgumentException("undercoats must be 0–" + MOST_UNDERCOATS + ", was " + undercoats);
        }
        if (finish < 1 || finish > MOST_FINISH) {
            throw new IllegalArgumentException("coats must be 1–" + MOST_FINISH + ", was " + finish);
        }
    }

    static BuildUp of(Face face, Practice practice, Catalogue figures) {
        Optional<BuildUp> asked = face.goesOn().asked();
        if (asked.isPresent()) {
            int on = face.coatsOn().coats();
            return new BuildUp(
                    on == 0 ? asked.get().undercoats() : 0,
                    Math.max(1, asked.get().finish() - on));
        }
        int usual = figures.count(Figure.ROLLED_COATS);
        boolean isSame =
                face.goesOn().basis().isForSpots() && !face.goesOn().cover().isCovered();
        boolean isFresh = face.stack().ageOfTop().isUnderDays(figures.limit(Figure.FULL_CURE));
        if (isSame
                && face.action() != Action.SKIM_AND_ROLL
                && (isFresh || practice.is(School.ONE_COAT_WHERE_IT_HIDES))) {
            return new BuildUp(0, 1);
        }
        int finish = Math.min(MOST_FINISH, practice.is(School.SELF_PRIMING_THREE) ? usual + 1 : usual);
        boolean isThinned = face.coatsOn().isThinned();
        // thinned for spraying it covered worse than it should have
        int toCome = Math.max(1, finish - face.coatsOn().coats());
        return new BuildUp(face.coatsOn().coats() == 0 && grinsThrough(face, figures) ? 1 : 0, isThinned ? 1 : toCome);
    }

    private static boolean grinsThrough(Face face, Catalogue figures) {
        Optional<Lab> before = face.stack().seen().flatMap(coat -> coat.film().colour());
        Optional<Lab> after = face.goesOn().film().colour();
        boolean isLighter = before.isPresent()
                && after.isPresent()
                && after.get().lightness() > before.get().lightness();
        return isLighter && face.goesOn().cover().leftAfterOne() > figures.limit(Figure.HARDLY_SEEN);
    }
}
