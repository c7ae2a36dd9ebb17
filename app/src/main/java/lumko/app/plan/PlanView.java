package lumko.app.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * The plan as it is drawn and told.
 *
 * @param shown the offer drawn over what is in force, if one is looked at
 */
record PlanView(
        Drawing drawing,
        Optional<FlatStory> story,
        List<Offer> offers,
        Optional<UUID> shown,
        Optional<Search> search,
        boolean isEmpty,
        boolean hasPlanInForce,
        boolean mayTake,
        boolean mayTakeBack,
        List<Person> people,
        List<Load> loads,
        String month) {
    /** Whether something better may still be found. */
    public boolean isLooking() {
        return search.filter(Search::isRunning).isPresent();
    }

    /**
     * One unit is about a pixel; time runs down.
     *
     * @param scale stretches of time with where they are drawn, for whoever drags
     */
    record Drawing(
            double width,
            double height,
            Part part,
            List<Column> columns,
            List<Day> days,
            List<Band> bands,
            List<Hour> hours,
            List<Stroke> strokes,
            List<Stroke> ghosts,
            List<Way> ways,
            Optional<Double> now,
            String nowAt,
            String scale) {}

    /**
     * Which of many flats are drawn, those due first before the others.
     *
     * @param first of those that are drawn, from 1
     * @param before where those before them begin, from 0; empty where these are the first
     * @param after where those after them begin; empty where these are the last
     */
    record Part(int first, int last, int of, Optional<Integer> before, Optional<Integer> after) {
        static Part of(int first, int most, int of) {
            int next = first + most;
            return new Part(
                    first + 1,
                    Math.min(next, of),
                    of,
                    first == 0 ? Optional.empty() : Optional.of(first - most),
                    next < of ? Optional.of(next) : Optional.empty());
        }

        public boolean isAll() {
            return before.isEmpty() && after.isEmpty();
        }
    }

    /** A flat: its name, when it is due and ready, where its flag stands. */
    record Column(
            UUID flatId,
            String house,
            String number,
            String due,
            double x,
            double width,
            boolean isChosen,
            boolean isLate,
            String late,
            Optional<Double> flagY,
            Optional<Double> readyY,
            Optional<Double> curedY,
            String says) {}

    record Day(String name, double y) {}

    record Band(double y, double height, String name) {}

    record Hour(String name, double y) {}

    /**
     * Work of one person in one flat without a break, and how long what it leaves is wet.
     *
     * @param key of its first piece
     * @param tail height of the drying after it
     */
    record Stroke(
            String key,
            UUID flatId,
            double x,
            double y,
            double width,
            double height,
            double tail,
            String letter,
            String word,
            String title,
            boolean isDone,
            boolean isOfChain,
            boolean isSettled,
            boolean isGuess) {}

    /** A person's way from stroke to stroke. */
    record Way(String letter, String points, String dash) {}

    /** A stroke in words, for reading. */
    record Line(
            String key,
            UUID flatId,
            String day,
            String from,
            String to,
            String person,
            String flat,
            String what,
            String dry,
            boolean isDone,
            boolean isSettled) {}

    /** Why a flat is ready when it is, and what would help. */
    record FlatStory(
            UUID flatId,
            String flat,
            String heading,
            String chance,
            String between,
            List<String> chain,
            List<Helping> helps,
            boolean isHeated,
            boolean wouldHeatHelp,
            List<Leg> legs) {}

    /** A part of a turnover: when, and who answers for it. */
    record Leg(String name, String when, String who) {}

    /** What the plan asks of somebody. */
    record Load(String person, String week, String month) {}

    record Helping(String what, String effect) {}

    /** Another plan to work by. */
    record Offer(
            UUID id, String name, String changes, String late, String days, boolean isShown, List<String> effects) {}

    /**
     * A search: how far it is, or why it broke off.
     *
     * @param isFresh whether it ended while somebody was looking at the page, which does not show yet what it found
     */
    record Search(boolean isRunning, int percent, String problem, boolean isFresh) {}

    record Person(UUID id, String letter, String name, String dash) {}
}
