package lumko.app.walk;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lumko.core.drying.DryingModel;
import lumko.core.repair.Choice;
import lumko.core.repair.Method;
import lumko.core.repair.Repair;
import lumko.core.repair.Section;

/**
 * A mark on its wall and how it is made good.
 *
 * @param section the cut through it, where it is filled
 */
public record RepairedMark(
        WalkedWall wall, PlacedMark mark, Repair repair, Optional<Section> section, DryingModel drying) {
    /** The methods that fit, the chosen one among them, in a steady order. */
    public List<Method> fitting() {
        return Stream.concat(Stream.of(repair.chosen()), repair.others().stream())
                .map(Choice::method)
                .distinct()
                .sorted()
                .toList();
    }
}
