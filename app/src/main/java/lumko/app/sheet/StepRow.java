package lumko.app.sheet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.drying.DryingMaterial;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.step.Caution;
import lumko.core.step.Step;
import lumko.core.step.StepKind;
import lumko.core.step.Tool;
import lumko.core.step.Use;
import lumko.core.step.Wait;
import lumko.core.step.Within;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "sheet_step")
class StepRow extends EditableRow {
    UUID sheetId = new UUID(0, 0);
    int position;

    @Enumerated(EnumType.STRING)
    StepKind kind = StepKind.SET_UP;

    UUID[] surfaces = {};
    String paint = "";
    int places;

    @Column(name = "area_m2")
    double areaSquareMetres;

    @Column(name = "edge_m")
    double edgeMetres;

    double minutes;
    String[] tools = {};
    String[] cautions = {};

    @Enumerated(EnumType.STRING)
    @Nullable
    DryingMaterial dryMaterial;

    @Column(name = "dry_thickness_mm")
    @Nullable
    Double dryThicknessMillimetres;

    @Column(name = "dry_sheet_h")
    @Nullable
    Double dryHoursBySheet;

    @Enumerated(EnumType.STRING)
    @Nullable
    StepKind withinAfter;

    @Nullable
    Double withinMinutes;

    @Nullable
    UUID tickedBy;

    @Nullable
    Instant tickedAt;

    @Nullable
    String earlyWhy;

    protected StepRow() {}

    StepRow(UUID sheetId, int position, Step step) {
        super(UUID.randomUUID());
        this.sheetId = sheetId;
        this.position = position;
        kind = step.kind();
        surfaces = step.surfaces().stream().map(UUID::fromString).toArray(UUID[]::new);
        paint = step.paint();
        places = step.places();
        areaSquareMetres = step.area().inSquareMetres();
        edgeMetres = step.edge().inMetres();
        minutes = Times.inMinutes(step.labour());
        tools = step.tools().stream().map(Tool::name).toArray(String[]::new);
        cautions = step.cautions().stream().map(Caution::name).toArray(String[]::new);
        dryMaterial = step.toDry().map(Wait::material).orElse(null);
        dryThicknessMillimetres =
                step.toDry().map(wait -> wait.thickness().inMillimetres()).orElse(null);
        dryHoursBySheet = step.toDry()
                .flatMap(Wait::bySheet)
                .map(wait -> Times.inMinutes(wait) / 60)
                .orElse(null);
        withinAfter = step.within().map(Within::after).orElse(null);
        withinMinutes =
                step.within().map(limit -> Times.inMinutes(limit.time())).orElse(null);
    }

    /** The step as the core made it. */
    Step step(List<Use> uses) {
        return new Step(
                kind,
                Arrays.stream(surfaces).map(UUID::toString).toList(),
                paint,
                places,
                Area.ofSquareMetres(areaSquareMetres),
                Length.ofMetres(edgeMetres),
                Times.ofMinutes(minutes),
                set(Tool.class, tools),
                uses,
                toDry(),
                withinAfter == null || withinMinutes == null
                        ? Optional.empty()
                        : Optional.of(new Within(withinAfter, Times.ofMinutes(withinMinutes))),
                set(Caution.class, cautions));
    }

    boolean isOn(StepRow other) {
        return Arrays.stream(surfaces).anyMatch(Arrays.asList(other.surfaces)::contains);
    }

    Optional<Wait> toDry() {
        return dryMaterial == null || dryThicknessMillimetres == null
                ? Optional.empty()
                : Optional.of(new Wait(
                        dryMaterial,
                        Length.ofMillimetres(dryThicknessMillimetres),
                        Optional.ofNullable(dryHoursBySheet).map(Times::ofHours)));
    }

    private static <E extends Enum<E>> Set<E> set(Class<E> of, String[] names) {
        Set<E> set = EnumSet.noneOf(of);
        for (String name : names) {
            set.add(Enum.valueOf(of, name));
        }
        return set;
    }
}
