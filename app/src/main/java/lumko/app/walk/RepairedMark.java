package lumko.app.walk;

import java.util.List;
import java.util.stream.Stream;
import lumko.core.drying.DryingModel;
import lumko.core.repair.Choice;
import lumko.core.repair.Method;
import lumko.core.repair.Repair;

/** A mark on its wall and how it is made good. */
public record RepairedMark(WalkedWall wall, PlacedMark mark, Repair repair, DryingModel drying) {
    /** The methods that fit, the chosen one among them, in a steady order. */
    public List<Method> fitting() {
        return Stream.concat(Stream.of(repair.chosen()), repair.others().stream())
                .map(Choice::method)
                .distinct()
                .sorted()
                .toList();
    }
}
