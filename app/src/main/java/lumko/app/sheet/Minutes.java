package lumko.app.sheet;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.figure.Figures;
import lumko.core.activity.Taken;
import lumko.core.job.Pace;
import lumko.core.quantity.Times;
import lumko.core.schedule.Air;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How long steps really took on the sheets of the organisation. */
@Service
@Transactional(readOnly = true)
class Minutes {
    private final SheetRepository sheets;
    private final StepRepository steps;
    private final PrecedenceRepository precedences;
    private final Figures figures;

    Minutes(SheetRepository sheets, StepRepository steps, PrecedenceRepository precedences, Figures figures) {
        this.sheets = sheets;
        this.steps = steps;
        this.precedences = precedences;
        this.figures = figures;
    }

    /** The pace of each kind of step, from every sheet. */
    List<Pace> pace() {
        Map<UUID, SheetRow> byId = sheets.findAll().stream().collect(Collectors.toMap(SheetRow::id, sheet -> sheet));
        Map<UUID, List<StepRow>> stepsOf = steps.findBySheetIdInOrderByPosition(byId.keySet()).stream()
                .collect(Collectors.groupingBy(step -> step.sheetId));
        Map<UUID, List<PrecedenceRow>> orderOf =
                precedences.findBySheetIdIn(byId.keySet()).stream().collect(Collectors.groupingBy(row -> row.sheetId));
        List<Taken> all = new ArrayList<>();
        stepsOf.forEach((sheetId, rows) -> {
            SheetRow sheet = Optional.ofNullable(byId.get(sheetId)).orElseThrow();
            Map<String, Duration> taken = new SheetGraph(rows, orderOf.getOrDefault(sheetId, List.of()), Map.of())
                    .progress(new Air(sheet.climate(), figures.catalogue()))
                    .taken();
            for (StepRow row : rows) {
                Optional.ofNullable(taken.get(row.id().toString()))
                        .ifPresent(length -> all.add(new Taken(row.kind, Times.ofMinutes(row.minutes), length)));
            }
        });
        return Pace.of(all, figures.catalogue());
    }
}
