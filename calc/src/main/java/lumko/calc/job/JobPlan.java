package lumko.calc.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the core answers to a job, in the frozen words.
 *
 * @param activities in the order of their start
 * @param links what one activity has to wait for, or must not wait longer for
 * @param endHours from the first move of the hand until the last coat is dry
 * @param says ids of the advice that stands at the verdict or at a step
 * @param rules ids of the rules that the plan was tested against, and whether it keeps them
 */
record JobPlan(
        List<Surface> surfaces,
        List<Place> places,
        List<Activity> activities,
        List<Link> links,
        List<Purchase> purchases,
        double endHours,
        Set<String> says,
        Map<String, Boolean> rules) {
    /**
     * A surface and what is done with it.
     *
     * @param group its name as it was asked for; several alike share one
     * @param action empty for trim, on which no verdict is given
     * @param minutes of the hand, without setting up, packing up and floor protection
     */
    record Surface(
            String name,
            String group,
            String action,
            List<Option> options,
            List<String> reasons,
            double minutes,
            List<Amount> amounts) {}

    /** One thing that could be done, and its price. */
    record Option(
            String action,
            double minutes,
            double litres,
            double hours,
            double shows,
            double showsLow,
            double showsHigh,
            double expectedMinutes,
            List<String> against) {}

    /** What is used up: litres, metres of tape or square metres of cover. */
    record Amount(String what, String unit, double amount) {}

    /**
     * A marked place and how it is made good.
     *
     * @param entry which of the entries of its kind it comes from, from 1
     */
    record Place(
            String surface,
            String kind,
            int entry,
            double atMetres,
            double upMetres,
            String method,
            int coats,
            int primerCoats,
            int filmCoats,
            List<Double> knivesMillimetres,
            double finishedAcrossMillimetres) {}

    /**
     * Something done, once or at several places.
     *
     * @param marks kind and entry of the marks it is done at; empty where it is done to a whole surface
     */
    record Activity(
            String id,
            String kind,
            List<String> surfaces,
            List<String> marks,
            List<String> methods,
            double minutes,
            double startHours,
            double endHours,
            List<String> tools,
            List<Amount> amounts,
            List<String> cautions) {}

    /**
     * @param from an activity, or the moment {@code coat on it} of a surface
     * @param material that dries or stays open
     * @param marks kind and entry of the marks it holds for; empty for all
     */
    record Link(
            String from,
            String to,
            List<String> surfaces,
            List<String> marks,
            String material,
            String why,
            Optional<Double> minHours,
            Optional<Double> maxHours) {}

    /** What has to be bought. */
    record Purchase(String what, double litres) {}
}
