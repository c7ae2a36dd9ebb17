package lumko.core.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import lumko.core.quantity.Volume;

/**
 * Which tins serve a job: from the shelf first, the rest bought in the sizes on sale with the least paint left over, and of
 * equal left-overs the fewest tins.
 *
 * @param open tins of the shelf to use
 * @param buy sizes to buy, largest first
 * @param isBoxed whether more than one tin goes on and they have to be poured together before a wall is started
 */
public record TinChoice(List<StoredTin> open, List<Volume> buy, Volume leftOver, boolean isBoxed) {
    /** Step of the search for sizes to buy: 10 ml. */
    private static final double STEP_LITRES = 0.01;

    /** More than a painter will ever carry into a flat; keeps the search bounded. */
    private static final double MOST_LITRES = 2000;

    /**
     * @param needed litres for all coats with their losses
     * @param sizes tin sizes on sale; may be empty if the shelf is all there is
     * @throws IllegalArgumentException if the shelf is too short and nothing is on sale, or more than 2000 L are asked for
     */
    public static TinChoice forNeed(Volume needed, List<StoredTin> shelf, List<Volume> sizes) {
        if (needed.inLitres() > MOST_LITRES) {
            throw new IllegalArgumentException("paint for one job must be 0–2000 L, was " + needed.inLitres() + " L");
        }
        List<StoredTin> open = fromShelf(needed, shelf);
        Volume stored = open.stream().map(StoredTin::left).reduce(Volume.ZERO, Volume::plus);
        Volume missing = needed.without(stored);
        List<Volume> buy = missing.inLitres() > 0 ? toBuy(missing, sizes) : List.of();
        Volume all = buy.stream().reduce(stored, Volume::plus);
        return new TinChoice(open, buy, all.without(needed), open.size() + buy.size() > 1);
    }

    /** The smallest single tin that is enough; otherwise the fullest tins, so that fewest are boxed. */
    private static List<StoredTin> fromShelf(Volume needed, List<StoredTin> shelf) {
        Comparator<StoredTin> byContent = Comparator.comparing(StoredTin::left).thenComparing(StoredTin::key);
        List<StoredTin> enough = shelf.stream()
                .filter(tin -> tin.left().compareTo(needed) >= 0)
                .sorted(byContent)
                .toList();
        if (!enough.isEmpty()) {
            return List.of(enough.getFirst());
        }
        List<StoredTin> open = new ArrayList<>();
        Volume sum = Volume.ZERO;
        for (StoredTin tin : shelf.stream().sorted(byContent.reversed()).toList()) {
            if (sum.compareTo(needed) < 0 && tin.left().inLitres() > 0) {
                open.add(tin);
                sum = sum.plus(tin.left());
            }
        }
        return open;
    }

    /** Unbounded knapsack over 10 ml steps: the least total that is enough, then the fewest tins. */
    private static List<Volume> toBuy(Volume missing, List<Volume> sizes) {
        if (sizes.isEmpty()) {
            throw new IllegalArgumentException("the shelf is short and no tin sizes are on sale");
        }
        int need = (int) Math.ceil(missing.inLitres() / STEP_LITRES - 1e-9);
        int[] steps = sizes.stream()
                .sorted(Comparator.reverseOrder())
                .mapToInt(size -> (int) Math.round(size.inLitres() / STEP_LITRES))
                .toArray();
        int most = need + steps[0];
        int[] fewest = new int[most + 1];
        int[] last = new int[most + 1];
        Arrays.fill(fewest, Integer.MAX_VALUE);
        fewest[0] = 0;
        for (int sum = 1; sum <= most; sum++) {
            for (int step : steps) {
                if (step <= sum && fewest[sum - step] != Integer.MAX_VALUE && fewest[sum - step] + 1 < fewest[sum]) {
                    fewest[sum] = fewest[sum - step] + 1;
                    last[sum] = step;
                }
            }
        }
        int total = need;
        while (fewest[total] == Integer.MAX_VALUE) {
            total++;
        }
        List<Volume> buy = new ArrayList<>();
        for (int sum = total; sum > 0; sum -= last[sum]) {
            buy.add(Volume.ofLitres(last[sum] * STEP_LITRES));
        }
        buy.sort(Comparator.reverseOrder());
        return buy;
    }
}
