package lumko.core.visibility;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.colour.Xyz;
import lumko.core.film.Hiding;
import org.assertj.core.data.Offset;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class VisibilityTest {
    private static final Lab WALL = new Lab(86, 0, 8);
    private static final Light RAKING = Light.raking(0, 22);

    private static Paints paints(double lighter, double wallGloss, double gloss) {
        return Paints.of(WALL, new Lab(WALL.lightness() + lighter, 0, 8), wallGloss, gloss, 21);
    }

    private static Visibility visibility(Patch patch, Paints paints, Light light) {
        return new Visibility(new Scene(patch, paints, TouchUpTool.ROLLER, light));
    }

    private static Visibility dab(double lighter, double feather, Light light) {
        return visibility(Patch.of(30, feather, TouchUpTool.ROLLER), paints(lighter, 4, 4), light);
    }

    /** Two passes take a brush's stipple from twice as steep as the roller's on the wall to as steep: 4/9 of it. */
    @Test
    void goingOverWetPaintTakesOffWhatTheBrushLeft() {
        Patch once = Patch.of(60, 40, TouchUpTool.BRUSH);
        assertThat(once.goneOver(2).reliefLeft()).isCloseTo(4 / 9.0, within(1e-12));
        double before = visibility(once, paints(0, 4, 4), RAKING).score(View.FRONT, 1, 40);
        double after = visibility(once.goneOver(2), paints(0, 4, 4), RAKING).score(View.FRONT, 1, 40);
        assertThat(after).isLessThan(before);
    }

    @Nested
    class Limits {
        @ParameterizedTest
        @EnumSource(View.class)
        void theSamePaintWithTheSameToolOnceCuredIsNotThere(View view) {
            assertThat(dab(0, 40, RAKING).score(view, 1, 40)).isLessThan(1e-6);
            assertThat(dab(0, 40, RAKING).goneFrom(view, 40, Visibility.LOOKED_FOR))
                    .isZero();
        }

        @Test
        void farEnoughAwayNothingIsLeft() {
            Visibility nail = visibility(Patch.of(2, 0, TouchUpTool.FOAM_PAD), paints(-8, 4, 4), Light.EVEN);
            assertThat(nail.score(View.FRONT, 0.3, 40)).isGreaterThan(2);
            assertThat(nail.score(View.FRONT, 12, 40)).isLessThan(0.3);
            assertThat(nail.goneFrom(View.FRONT, 40, Visibility.LOOKED_FOR)).isBetween(0.3, 12.0);
        }

        @Test
        void aLargeEvenPatchInEvenLightIsTheDifferenceOfItsColours() {
            Visibility patch = visibility(Patch.of(1500, 0, TouchUpTool.ROLLER), paints(3, 4, 4), Light.EVEN);
            double apart = ColourDifference.between(WALL, new Lab(89, 0, 8));
            assertThat(patch.score(View.FRONT, 0.8, 40)).isCloseTo(apart, Percentage.withPercentage(6));
        }

        @Test
        void whatCannotBeIsRefused() {
            assertThatThrownBy(() -> Patch.of(0, 10, TouchUpTool.BRUSH))
                    .hasMessageContaining("diameter of the spot must be 1–2000 mm");
            assertThatThrownBy(() -> Light.torch(0, 0)).hasMessageContaining("elevation of the light must be 1–90 °");
            assertThatThrownBy(() -> dab(1, 0, RAKING).score(View.FRONT, 50, 0))
                    .hasMessageContaining("distance of the eye");
            assertThatThrownBy(() -> dab(1, 0, RAKING).score(View.FRONT, 1, -1)).hasMessageContaining("days since");
        }
    }

    @Nested
    class NeverLess {
        @ParameterizedTest
        @CsvSource({"0.5", "1", "2", "4"})
        void forALargerDifferenceOfColour(double lighter) {
            assertThat(dab(2 * lighter, 40, Light.EVEN).score(View.FRONT, 1.5, 40))
                    .isGreaterThan(dab(lighter, 40, Light.EVEN).score(View.FRONT, 1.5, 40));
        }

        @ParameterizedTest
        @CsvSource({"4.5, 5", "5, 7", "7, 12"})
        void forAWiderGapOfSheen(double near, double far) {
            Patch patch = Patch.of(60, 30, TouchUpTool.ROLLER);
            double less = visibility(patch, paints(0, 4, near), RAKING).score(View.ALONG, 2, 40);
            double more = visibility(patch, paints(0, 4, far), RAKING).score(View.ALONG, 2, 40);
            assertThat(more).isGreaterThan(less);
        }

        @Test
        void forAHarderEdge() {
            double last = 0;
            for (double feather : List.of(120.0, 60.0, 30.0, 0.0)) {
                Patch patch = new Patch(40, feather, TouchUpTool.BRUSH, 0, 0, false, true);
                double harder =
                        visibility(patch, paints(1.5, 4, 4), Light.torch(0, 15)).goneFrom(View.FRONT, 40, 1);
                if (feather == 0) {
                    assertThat(harder).isGreaterThan(0);
                }
                last = Math.max(last, harder);
            }
            assertThat(last).isPositive();
        }

        @Test
        void forANearerEyeOnceTheSpotIsSmallBesideWhatTheEyeBlurs() {
            Visibility dab = visibility(Patch.of(6, 0, TouchUpTool.FOAM_PAD), paints(4, 4, 4), Light.EVEN);
            double last = Double.POSITIVE_INFINITY;
            for (double metres : List.of(1.0, 1.5, 2.0, 3.0, 4.5, 7.0)) {
                double score = dab.score(View.FRONT, metres, 40);
                assertThat(score).isLessThanOrEqualTo(last + 0.02);
                last = score;
            }
        }

        @Test
        void forFlatterLightOverProudFiller() {
            Patch proud = new Patch(40, 40, TouchUpTool.ROLLER, 30, 0.2, false, true);
            double last = 0;
            for (double elevation : List.of(40.0, 25.0, 15.0, 8.0)) {
                double score = visibility(proud, paints(0, 4, 4), Light.torch(0, elevation))
                        .score(View.FRONT, 1.5, 40);
                assertThat(score).isGreaterThan(last);
                last = score;
            }
        }

        @Test
        void forFewerDays() {
            double last = Double.POSITIVE_INFINITY;
            for (double days : List.of(0.0, 3.0, 7.0, 14.0, 31.0)) {
                double score = dab(0, 40, RAKING).score(View.ALONG, 2, days);
                assertThat(score).isLessThan(last);
                last = score;
            }
            assertThat(last).isLessThan(0.01);
        }

        @Test
        void forATheToolThatIsLessLikeTheWall() {
            Light torch = Light.torch(0, 12);
            double same = visibility(Patch.of(40, 40, TouchUpTool.ROLLER), paints(0, 4, 4), torch)
                    .score(View.FRONT, 1, 40);
            double end = visibility(Patch.of(40, 40, TouchUpTool.ROLLER_END), paints(0, 4, 4), torch)
                    .score(View.FRONT, 1, 40);
            double brush = visibility(Patch.of(40, 40, TouchUpTool.BRUSH), paints(0, 4, 4), torch)
                    .score(View.FRONT, 1, 40);
            assertThat(same).isLessThan(end);
            assertThat(end).isLessThan(brush);
        }
    }

    @Nested
    class TheEdge {
        private double coverage(double feather, double r) {
            return new Scene(Patch.of(40, feather, TouchUpTool.ROLLER), paints(1, 4, 4), TouchUpTool.ROLLER, RAKING)
                    .coverage(r);
        }

        /** Cover is whole in the middle, half at the feather's edge on the inside of its soft stop, nothing beyond. */
        @Test
        void isHalfCoveredWhereTheFeatherEnds() {
            assertThat(coverage(60, 0)).isEqualTo(1);
            assertThat(coverage(60, 20)).isEqualTo(1);
            assertThat(coverage(60, 50)).isCloseTo(0.75, Offset.offset(1e-9));
            assertThat(coverage(60, 77.5)).isCloseTo(0.5, Offset.offset(0.005));
            assertThat(coverage(60, 82.6)).isZero();
        }

        @Test
        void withoutAFeatherItIsAStep() {
            assertThat(coverage(0, 19)).isEqualTo(1);
            assertThat(coverage(0, 21)).isZero();
        }
    }

    @Nested
    class TheGrid {
        @ParameterizedTest
        @CsvSource({"FRONT, 1, 0.4, 22", "FRONT, 3, 0.2, 40", "ALONG, 1.5, 0.4, 22", "FRONT, 0.8, 0.9, 12"})
        void halvedChangesTheScoreByTwoInAHundredAtMost(View view, double metres, double share, double elevation) {
            Patch patch = new Patch(40, 50, TouchUpTool.ROLLER_END, 20, 0.1, false, true);
            Scene scene = new Scene(patch, paints(1.5, 4, 4), TouchUpTool.ROLLER, new Light(share, 0, elevation));
            double usual = new Visibility(scene).score(view, metres, 0);
            double halved = new Visibility(scene, 52).score(view, metres, 0);
            assertThat(usual).isCloseTo(halved, Percentage.withPercentage(2));
        }

        /** The percentile by selection and a quadratic form is the one of all samples, each worked out. */
        @Test
        void findsThePercentileOfAllSamples() {
            Scene scene = new Scene(
                    new Patch(40, 50, TouchUpTool.BRUSH, 20, 0.1, false, true),
                    paints(1.5, 4, 4),
                    TouchUpTool.ROLLER,
                    RAKING);
            Scene.Change change = scene.change(View.FRONT, 0, 128, 128);
            double perDegree = Scielab.perDegree(1000, 2 * scene.reach() / 128);
            XyzField seen = new Scielab(128, 128, perDegree, perDegree).blurred(change.added());
            Xyz wall = change.wall();
            Lab lab = Lab.of(wall, Scielab.WHITE);
            double[] all = new double[128 * 128];
            int n = 0;
            for (int at = 0; at < all.length; at++) {
                if (change.isLookedAt()[at]) {
                    Xyz there = new Xyz(wall.x() + seen.x()[at], wall.y() + seen.y()[at], wall.z() + seen.z()[at]);
                    all[n++] = ColourDifference.between(lab, Lab.of(there, Scielab.WHITE));
                }
            }
            double plain = new Differences(Arrays.copyOf(all, n)).percentile(98);
            assertThat(new Visibility(scene).score(View.FRONT, 1, 0, 128, 128)).isCloseTo(plain, Offset.offset(1e-3));
        }

        /** Blurring the change alone tells what blurring both walls and comparing them does, as long as the stipple is fine. */
        @Test
        void agreesWithComparingBothWalls() {
            Scene scene =
                    new Scene(Patch.of(40, 40, TouchUpTool.ROLLER), paints(2, 4, 4), TouchUpTool.ROLLER, Light.EVEN);
            Scene.Change change = scene.change(View.FRONT, 40, 160, 160);
            XyzField before = new XyzField(160, 160);
            XyzField after = new XyzField(160, 160);
            for (int at = 0; at < 160 * 160; at++) {
                before.x()[at] = change.wall().x();
                before.y()[at] = change.wall().y();
                before.z()[at] = change.wall().z();
                after.x()[at] = before.x()[at] + change.added().x()[at];
                after.y()[at] = before.y()[at] + change.added().y()[at];
                after.z()[at] = before.z()[at] + change.added().z()[at];
            }
            double perDegree = Scielab.perDegree(1500, 2 * scene.reach() / 160);
            Scielab eye = new Scielab(160, 160, perDegree, perDegree);
            LabField one = eye.seen(before);
            LabField other = eye.seen(after);
            double[] looked = new double[160 * 160];
            int n = 0;
            for (int at = 0; at < looked.length; at++) {
                if (change.isLookedAt()[at]) {
                    looked[n++] = one.difference(other, at);
                }
            }
            assertThat(new Visibility(scene).score(View.FRONT, 1.5, 40, 160, 160))
                    .isCloseTo(new Differences(Arrays.copyOf(looked, n)).percentile(98), Offset.offset(0.01));
        }
    }

    @Nested
    class Films {
        private final Spectrum light = SmoothReflectance.of(Srgb.ofHex("#efece3"));
        private final Spectrum dark = SmoothReflectance.of(Srgb.ofHex("#2f5548"));

        @Test
        void coverLessWhereTheyAreThin() {
            Hiding paint = Hiding.of(light, 0.93, 38);
            Paints paints = Paints.of(dark, paint, 38, 4, 4, 21);
            XyzField added = new XyzField(3, 1);
            paints.add(added, 0, 0, 1, 1, 0);
            paints.add(added, 1, 0.5, 1, 1, 0);
            paints.add(added, 2, 1, 1, 1, 0);
            assertThat(added.y()[0]).isZero();
            assertThat(added.y()[1]).isBetween(0.4 * added.y()[2], 0.95 * added.y()[2]);
        }
    }

    @Nested
    class SheenOfASurface {
        /** ISO 2813: n = 1.567 reflects 0.1001 at 60°. */
        @Test
        void isFresnels() {
            assertThat(Sheen.fresnel(Math.toRadians(60))).isCloseTo(0.1001, Offset.offset(5e-5));
            // at normal incidence ((n − 1) / (n + 1))²
            assertThat(Sheen.fresnel(0)).isCloseTo(Math.pow(0.567 / 2.567, 2), Offset.offset(1e-12));
            assertThat(Sheen.fresnel(Math.toRadians(89.99))).isGreaterThan(0.99);
        }

        @Test
        void isStrongestInTheMirrorDirectionAndFallsOff() {
            Sheen satin = new Sheen(30, Math.toRadians(60), 0);
            assertThat(satin.at(0)).isGreaterThan(satin.at(0.1f)).isGreaterThan(satin.at(1f));
            assertThat(satin.at(-0.1)).isEqualTo(satin.at(0.1));
            assertThat(satin.at(3)).isCloseTo(0, Offset.offset(1e-6f));
        }

        @Test
        void ofAGlossierSurfaceIsNarrowerAndHigher() {
            Sheen matt = new Sheen(4, Math.toRadians(60), 0);
            Sheen satin = new Sheen(30, Math.toRadians(60), 0);
            assertThat(satin.at(0)).isGreaterThan(matt.at(0));
            assertThat(satin.at(0.6)).isLessThan(matt.at(0.6));
        }
    }

    @Nested
    class Selecting {
        @Test
        void isWhatSortingGives() {
            Random random = new Random(3);
            for (int n = 1; n < 60; n++) {
                float[] values = new float[n];
                for (int at = 0; at < n; at++) {
                    values[at] = random.nextInt(10);
                }
                float[] sorted = values.clone();
                Arrays.sort(sorted);
                for (int place = 0; place < n; place++) {
                    assertThat(Selection.smallest(values.clone(), place)).isEqualTo(sorted[place]);
                }
            }
        }
    }
}
