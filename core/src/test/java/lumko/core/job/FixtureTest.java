package lumko.core.job;

import static lumko.core.job.Given.practice;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Site;
import lumko.core.activity.Use;
import lumko.core.activity.WorkGraph;
import lumko.core.figure.Catalogue;
import lumko.core.geometry.Fixture;
import lumko.core.geometry.UsualSize;
import lumko.core.paint.Binder;
import lumko.core.quantity.Length;
import lumko.core.quantity.OutOfRangeException;
import lumko.core.quantity.Times;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Doors, radiators and other fixtures with paint of their own. */
class FixtureTest {
    private static final Film SATIN = Film.of(Binder.WATERBORNE, 30, Given.LIGHT);

    private final JobPlanner planner = new JobPlanner(Catalogue.starting(), practice());

    private static Fixture usual(Fixture.Kind kind) {
        UsualSize size = UsualSize.of(kind, UsualSize.Market.METRIC);
        return new Fixture(kind, size.width(), size.height(), 1);
    }

    private static Face face(Fixture fixture, Stack stack) {
        return Face.of(fixture, fixture.kind().name(), "r", stack, GoesOn.same("frame", SATIN, PaintBasis.BOUGHT_AGAIN))
                .with(Action.ROLL);
    }

    private static Stack painted(Substrate substrate) {
        return new Stack(substrate, Given.painted("frame", SATIN, 6).coats());
    }

    private WorkGraph plan(Face... faces) {
        return planner.plan(Job.of(List.of(Given.room()), new ArrayList<>(List.of(faces)), new Site(1976, false)))
                .by(Work.View.ROOM);
    }

    private static double minutes(WorkGraph plan, ActivityKind kind, String key) {
        return plan.activities().stream()
                .filter(each -> each.kind() == kind && each.surfaces().contains(key))
                .mapToDouble(each -> Times.inMinutes(each.hand()))
                .sum();
    }

    private static double litres(WorkGraph plan, ActivityKind kind) {
        return plan.activities().stream()
                .filter(each -> each.kind() == kind)
                .flatMap(each -> each.uses().stream())
                .map(Use::volume)
                .mapToDouble(volume -> volume.inLitres())
                .sum();
    }

    @ParameterizedTest
    @EnumSource(Fixture.Kind.class)
    void eachIsKeyedAndPaintedByItself(Fixture.Kind kind) {
        Face face = face(usual(kind), painted(Face.usualSubstrate(kind)));
        WorkGraph plan = plan(face);
        assertThat(minutes(plan, ActivityKind.SAND_TRIM, face.key()) + minutes(plan, ActivityKind.KEY_SAND, face.key()))
                .isPositive();
        assertThat(minutes(plan, ActivityKind.PAINT_TRIM, face.key())).isBetween(4.0, 60.0);
        assertThat(litres(plan, ActivityKind.PAINT_TRIM)).isBetween(0.003, 0.6);
        assertThat(plan.activities()).extracting(Activity::kind).doesNotContain(ActivityKind.ROLL, ActivityKind.CUT_IN);
    }

    /** The figure of a door side, with its frame, counts for each side that is painted. */
    @Test
    void aDoorTakesAsLongAsItsSides() {
        UsualSize size = UsualSize.of(Fixture.Kind.DOOR, UsualSize.Market.METRIC);
        Fixture both = new Fixture(Fixture.Kind.DOOR, size.width(), size.height(), 2);
        assertThat(minutes(plan(face(both, painted(Substrate.TIMBER))), ActivityKind.PAINT_TRIM, "DOOR"))
                .isCloseTo(50, Offset.offset(1e-6));
    }

    /** A radiator of 1 × 0.6 m has some 0.9 m² to paint: a quarter of an hour and less than a tenth of a litre a coat. */
    @Test
    void aRadiatorIsReckonedByWhatThereIsToPaint() {
        Fixture radiator = usual(Fixture.Kind.RADIATOR);
        assertThat(radiator.painted().inSquareMetres()).isCloseTo(0.9, Offset.offset(1e-9));
        WorkGraph plan = plan(face(radiator, painted(Substrate.METAL)));
        assertThat(minutes(plan, ActivityKind.PAINT_TRIM, "RADIATOR")).isCloseTo(0.9 * 14, Offset.offset(1e-6));
        assertThat(litres(plan, ActivityKind.PAINT_TRIM)).isBetween(0.07, 0.12);
        assertThat(plan.activities())
                .filteredOn(each -> each.kind() == ActivityKind.PAINT_TRIM)
                .allSatisfy(each -> {
                    assertThat(each.area().inSquareMetres()).isCloseTo(0.9, Offset.offset(1e-9));
                    assertThat(each.count()).isZero();
                });
        assertThat(plan.activities().stream().flatMap(each -> each.says().stream()))
                .contains(Advice.HEATING_OFF)
                .doesNotContain(Advice.DOOR_AJAR);
    }

    @Test
    void bareMetalIsPrimedAgainstRustFirst() {
        WorkGraph plan = plan(face(usual(Fixture.Kind.RADIATOR), Given.bare(Substrate.METAL)));
        assertThat(plan.activities())
                .extracting(Activity::kind)
                .containsSubsequence(ActivityKind.PRIME_METAL, ActivityKind.PAINT_TRIM);
        assertThat(minutes(plan, ActivityKind.PRIME_METAL, "RADIATOR")).isCloseTo(0.9 * 14, Offset.offset(1e-6));
    }

    /** Who paints a radiator alone leaves the skirting: walls are not taped or cut as if trim followed. */
    @Test
    void aFixtureIsNotTheTrimOfItsRoom() {
        Face radiator = face(usual(Fixture.Kind.RADIATOR), painted(Substrate.METAL));
        Job job = Job.of(List.of(Given.room()), List.of(radiator), new Site(1976, false));
        assertThat(job.paintsTrimOf("r")).isFalse();
        assertThat(job.with(List.of(radiator, Given.trim("t"))).paintsTrimOf("r"))
                .isTrue();
    }

    @Test
    void wallsAreDryBeforeWhatStandsBesideThemIsPainted() {
        Face radiator = face(usual(Fixture.Kind.RADIATOR), painted(Substrate.METAL));
        WorkGraph plan = plan(Given.wall("a", Given.plainWall(), Action.ROLL), radiator);
        List<ActivityKind> kinds =
                plan.activities().stream().map(Activity::kind).toList();
        assertThat(kinds.indexOf(ActivityKind.ROLL)).isLessThan(kinds.indexOf(ActivityKind.PAINT_TRIM));
    }

    @Test
    void whatCannotBeIsRefused() {
        Length metre = Length.ofMetres(1);
        assertThatThrownBy(() -> new Fixture(Fixture.Kind.DOOR, metre, metre, 3))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("sides");
        assertThatThrownBy(() -> new Fixture(Fixture.Kind.DOOR, Length.ofMillimetres(99), metre, 1))
                .isInstanceOf(OutOfRangeException.class);
    }
}
