package lumko.app.sheet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Tool;
import lumko.core.activity.Use;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.Purpose;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import org.jspecify.annotations.Nullable;

/** An activity on a sheet. Of what it leaves wet the slowest is kept; what has to dry for what stands with its precedences. */
@Entity
@Table(name = "sheet_step")
final class StepRow extends EditableRow {
    UUID sheetId = new UUID(0, 0);
    int position;

    /** What the core calls it; empty where it was a step of a sheet made before there were activities. */
    String activity = "";

    @Enumerated(EnumType.STRING)
    ActivityKind kind = ActivityKind.SET_UP;

    int round;
    UUID[] rooms = {};
    UUID[] surfaces = {};
    UUID[] marks = {};
    String paint = "";
    int places;

    @Column(name = "area_m2")
    double areaSquareMetres;

    @Column(name = "edge_m")
    double edgeMetres;

    @Column(name = "tape_m")
    double tapeMetres;

    double minutes;
    double lastsMinutes;

    @Column(name = "knives_mm")
    double[] knivesMillimetres = {};

    String[] tools = {};
    String[] cautions = {};
    String[] says = {};

    @Enumerated(EnumType.STRING)
    @Nullable
    DryingMaterial dryMaterial;

    @Column(name = "dry_thickness_mm")
    @Nullable
    Double dryThicknessMillimetres;

    @Column(name = "dry_sheet_h")
    @Nullable
    Double dryHoursBySheet;

    @Nullable
    UUID tickedBy;

    @Nullable
    Instant tickedAt;

    @Nullable
    String earlyWhy;

    /** How long the hands took, where the ticks tell. */
    @Nullable
    Double tookMinutes;

    protected StepRow() {}

    StepRow(UUID sheetId, int position, Activity planned) {
        super(UUID.randomUUID());
        this.sheetId = sheetId;
        this.position = position;
        activity = planned.id();
        kind = planned.kind();
        round = planned.round();
        rooms = ids(planned.rooms());
        surfaces = ids(planned.surfaces());
        marks = ids(planned.places());
        paint = planned.paint();
        places = planned.count();
        areaSquareMetres = planned.area().inSquareMetres();
        edgeMetres = planned.edge().inMetres();
        tapeMetres = planned.tape().inMetres();
        minutes = Times.inMinutes(planned.hand());
        lastsMinutes = Times.inMinutes(planned.lasts());
        knivesMillimetres =
                planned.knives().stream().mapToDouble(Length::inMillimetres).toArray();
        tools = names(planned.tools());
        cautions = names(planned.cautions());
        says = names(planned.says());
        Optional<Wet> slowest = Wait.slowest(planned.wet(), Purpose.RECOAT).map(Wait::wet);
        dryMaterial = slowest.map(Wet::material).orElse(null);
        dryThicknessMillimetres =
                slowest.map(wet -> wet.thickness().inMillimetres()).orElse(null);
        dryHoursBySheet = slowest.flatMap(Wet::bySheet).map(Times::inHours).orElse(null);
    }

    private static UUID[] ids(List<String> keys) {
        return keys.stream().map(UUID::fromString).toArray(UUID[]::new);
    }

    private static List<String> keys(UUID[] ids) {
        return Arrays.stream(ids).map(UUID::toString).toList();
    }

    private static String[] names(Set<? extends Enum<?>> constants) {
        return constants.stream().map(Enum::name).toArray(String[]::new);
    }

    /** The activity as the core made it, known by the id of this row. */
    Activity activity(List<Use> uses) {
        Duration hand = Times.ofMinutes(minutes);
        return new Activity(
                id().toString(),
                kind,
                round,
                keys(rooms),
                keys(surfaces),
                keys(marks),
                paint,
                hand,
                Times.ofMinutes(Math.max(minutes, lastsMinutes)),
                places,
                Area.ofSquareMetres(areaSquareMetres),
                Length.ofMetres(edgeMetres),
                Length.ofMetres(tapeMetres),
                Arrays.stream(knivesMillimetres).mapToObj(Length::ofMillimetres).toList(),
                uses,
                wet().stream().toList(),
                set(Tool.class, tools),
                set(Caution.class, cautions),
                set(Advice.class, says));
    }

    Optional<Wet> wet() {
        return dryMaterial == null || dryThicknessMillimetres == null
                ? Optional.empty()
                : Optional.of(new Wet(
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
