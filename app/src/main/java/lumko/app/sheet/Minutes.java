package lumko.app.sheet;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.figure.Figures;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.quantity.Times;
import lumko.core.work.Pace;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How long steps really took on the sheets of the organisation. */
@Service
@Transactional(readOnly = true)
class Minutes {
    private final SheetRepository sheets;
    private final StepRepository steps;
    private final Figures figures;

    Minutes(SheetRepository sheets, StepRepository steps, Figures figures) {
        this.sheets = sheets;
        this.steps = steps;
        this.figures = figures;
    }

    /** The pace of each kind of step, from every sheet. */
    List<Pace> pace() {
        DryingModel model = new DryingModel(figures.catalogue());
        Map<UUID, SheetRow> byId = sheets.findAll().stream().collect(Collectors.toMap(SheetRow::id, sheet -> sheet));
        Map<UUID, List<StepRow>> stepsOf = steps.findBySheetIdInOrderByPosition(byId.keySet()).stream()
                .collect(Collectors.groupingBy(step -> step.sheetId));
        List<Pace.Taken> all = new ArrayList<>();
        stepsOf.forEach((sheetId, rows) -> {
            Climate climate =
                    Optional.ofNullable(byId.get(sheetId)).orElseThrow().climate();
            Map<UUID, Duration> taken = Taken.of(rows, climate, model);
            rows.stream()
                    .filter(row -> taken.containsKey(row.id()))
                    .map(row -> new Pace.Taken(
                            row.kind,
                            Times.ofMinutes(row.minutes),
                            Optional.ofNullable(taken.get(row.id())).orElseThrow()))
                    .forEach(all::add);
        });
        return Pace.of(all, figures.catalogue());
    }
}
