package lumko.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lumko.core.colour.Lab;
import lumko.core.paint.Batch;
import lumko.core.paint.Binder;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class StackTest {
    private static final Film SATIN = Film.of(Binder.WATERBORNE, 30, new Lab(88, 0, 8));
    private static final Film ENAMEL = Film.of(Binder.SOLVENTBORNE, 70, new Lab(95, 0, 2));

    private static Stack of(Coat... coats) {
        return new Stack(Substrate.GYPSUM_BOARD, List.of(coats));
    }

    private static Coat finish(Film film, double years) {
        return Coat.finish("oat", film, Set.of(), Batch.UNKNOWN, Age.ofYears(years));
    }

    private static Coat layer(Layer layer) {
        return Coat.of(layer, Age.ofYears(1));
    }

    @Nested
    class WhatTheNextCoatMeets {
        @ParameterizedTest
        @CsvSource({
            "SUBSTRATE, BARE",
            "SKIM, BARE",
            "WALLPAPER, BARE",
            "PRIMER, PRIMER",
            "MIST_COAT, WATERBORNE_MATT",
            "PANEL_FINISH, FACTORY_FACE",
            "VARNISH, SOLVENTBORNE_GLOSS",
            "UNKNOWN, UNKNOWN"
        })
        void isTheLastLayerFromEdgeToEdge(Layer last, TopLayer top) {
            assertThat(of(finish(SATIN, 3), layer(last)).top()).isEqualTo(top);
        }

        @ParameterizedTest
        @EnumSource(names = {"FILLER", "SPOT_PRIMER", "STAIN_BLOCK", "SPOTS"})
        void isNotWhatOnlyCoversPlaces(Layer places) {
            Stack stack = of(finish(SATIN, 3), layer(places));

            assertThat(stack.top()).isEqualTo(TopLayer.WATERBORNE_SHEEN);
            assertThat(stack.ageOfTop()).isEqualTo(Age.ofYears(3));
        }

        @Test
        void isUnknownWhereNothingIsOnRecordOrTheFilmIsNot() {
            assertThat(of().top()).isEqualTo(TopLayer.UNKNOWN);
            assertThat(of().ageOfTop()).isEqualTo(Age.UNKNOWN);
            assertThat(of(finish(Film.UNKNOWN, 2)).top()).isEqualTo(TopLayer.UNKNOWN);
            Film noGloss = new Film(Optional.of(Binder.WATERBORNE), OptionalDouble.empty(), Optional.empty());
            assertThat(of(finish(noGloss, 2)).top()).isEqualTo(TopLayer.UNKNOWN);
        }

        /** Limits of the gloss classes matt and gloss, EN 13300. */
        @ParameterizedTest
        @CsvSource({
            "WATERBORNE, 9.9, WATERBORNE_MATT",
            "WATERBORNE, 10, WATERBORNE_SHEEN",
            "WATERBORNE, 59.9, WATERBORNE_SHEEN",
            "WATERBORNE, 60, WATERBORNE_GLOSS",
            "SOLVENTBORNE, 9.9, SOLVENTBORNE_MATT",
            "SOLVENTBORNE, 10, SOLVENTBORNE_GLOSS"
        })
        void isToldByBinderAndGloss(Binder binder, double gloss, TopLayer top) {
            assertThat(TopLayer.of(binder, gloss)).isEqualTo(top);
        }
    }

    @Nested
    class WhatOneSees {
        @Test
        void isTheFinishUnderAPrimerOrSpots() {
            Coat oat = finish(SATIN, 3);

            assertThat(of(layer(Layer.SUBSTRATE), oat, layer(Layer.SPOTS), layer(Layer.PRIMER))
                            .seen())
                    .contains(oat);
        }

        @Test
        void isTheLastFinish() {
            Coat last = finish(ENAMEL, 1);

            assertThat(of(finish(SATIN, 5), last).seen()).contains(last);
        }

        @ParameterizedTest
        @CsvSource({
            "AS_BUILT, LIME_PLASTER, LIME_PLASTER, false",
            "NEW_BOARD, LIME_PLASTER, GYPSUM_BOARD, false",
            "NEW_PLASTER, LIME_PLASTER, LIME_PLASTER, false",
            "NEW_PLASTER, GYPSUM_BOARD, SKIM_PLASTER, false",
            "NEW_SKIM, GYPSUM_BOARD, SKIM_PLASTER, true",
            "NEW_COMPOUND, SKIM_PLASTER, GYPSUM_BOARD, true"
        })
        void isNothingOnWhatIsRaw(Raw raw, Substrate recorded, Substrate is, boolean isSkimmed) {
            Stack stack = Stack.raw(raw, recorded, Age.UNKNOWN);
            assertThat(stack.seen()).isEmpty();
            assertThat(stack.isRaw()).isTrue();
            assertThat(stack.top()).isEqualTo(TopLayer.BARE);
            assertThat(stack.substrate()).isEqualTo(is);
            assertThat(stack.isSkimmed()).isEqualTo(isSkimmed);
            assertThat(of(finish(SATIN, 5)).isRaw()).isFalse();
            assertThat(of(layer(Layer.WALLPAPER)).isRaw()).isFalse();
        }

        @Test
        void isNothingOnABareWall() {
            assertThat(of(layer(Layer.SUBSTRATE), layer(Layer.FILLER)).seen()).isEmpty();
        }

        @Test
        void decidesWhichBinderUsuallyFollows() {
            assertThat(of(finish(ENAMEL, 3)).usualBinder(false)).isEqualTo(Binder.SOLVENTBORNE);
            assertThat(of(finish(SATIN, 3)).usualBinder(true)).isEqualTo(Binder.WATERBORNE);
            assertThat(of().usualBinder(true)).isEqualTo(Binder.SOLVENTBORNE);
            assertThat(of().usualBinder(false)).isEqualTo(Binder.WATERBORNE);
        }
    }

    @Nested
    class CoatsReallyTaken {
        private static final Set<String> GREEN = Set.of("green");
        private static final Set<String> OAT = Set.of("oat");

        /**
         * Layers by letter: g, o a finish green or oat; s spots of oat; p a primer; capital O without a job; a bar for two
         * years that pass, a comma for three weeks, a semicolon for a day more.
         */
        private static Stack stack(String letters) {
            List<Coat> coats = new ArrayList<>();
            double daysAgo = 8000;
            for (char letter : letters.toCharArray()) {
                switch (letter) {
                    case '|' -> daysAgo -= 730;
                    case ',' -> daysAgo -= 21;
                    case ';' -> daysAgo -= 22;
                    default -> coats.add(coat(letter, Age.ofDays(daysAgo)));
                }
            }
            return new Stack(Substrate.GYPSUM_BOARD, coats);
        }

        private static Coat coat(char letter, Age age) {
            Layer layer = switch (letter) {
                case 'p' -> Layer.PRIMER;
                case 's' -> Layer.SPOTS;
                default -> Layer.FINISH;
            };
            Optional<String> paint = letter == 'p' ? Optional.empty() : Optional.of(letter == 'g' ? "green" : "oat");
            Optional<String> job = letter == 'O' ? Optional.empty() : Optional.of("job");
            return new Coat(layer, paint, Film.UNKNOWN, Set.of(), Batch.UNKNOWN, age, job);
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '>',
                value = {
                    "goo > 2",
                    "gooo > 3",
                    "go > 1",
                    "gsoo > 2",
                    "go,o > 2",
                    "go;o > 1",
                    "goo|oo > 2",
                    "goo|g|oo > 2 2",
                    "gpoo > ''",
                    "gO > ''",
                    "oo > ''",
                    "gg > ''",
                    "o > ''"
                })
        void areCountedStraightOverTheOtherColour(String layers, String runs) {
            assertThat(stack(layers).coatsTaken(GREEN, OAT))
                    .extracting(String::valueOf)
                    .isEqualTo(runs.isEmpty() ? List.of() : Arrays.asList(runs.split(" ")));
        }

        @Test
        void coatsOfUnknownAgeAreNotTakenForOneJob() {
            Stack stack = new Stack(
                    Substrate.GYPSUM_BOARD,
                    List.of(coat('g', Age.UNKNOWN), coat('o', Age.UNKNOWN), coat('o', Age.UNKNOWN)));

            assertThat(stack.coatsTaken(GREEN, OAT)).containsExactly(1);
        }
    }

    @Test
    void whatWasForgottenLiesBetweenWhatIsOlderAndWhatIsLater() {
        Stack stack = of(
                Coat.of(Layer.FINISH, Age.ofYears(9)),
                Coat.of(Layer.FINISH, Age.UNKNOWN),
                Coat.of(Layer.FINISH, Age.ofYears(3)));
        assertThat(stack.takes(Age.ofYears(5), 2)).isTrue();
        assertThat(stack.takes(Age.ofYears(5), 1)).isTrue();
        assertThat(stack.takes(Age.UNKNOWN, 0)).isTrue();
        assertThat(stack.takes(Age.ofYears(5), 0)).as("an older lies on it").isFalse();
        assertThat(stack.takes(Age.ofYears(2), 2)).as("an older lies on it").isFalse();
        assertThat(stack.takes(Age.ofYears(10), 2)).as("it lies on a later").isFalse();
    }

    @Test
    void anOlderCoatNeverLiesOnALater() {
        Stack stack = of(Coat.of(Layer.FINISH, Age.ofYears(3)), Coat.of(Layer.FINISH, Age.UNKNOWN));
        assertThat(stack.takesOnTop(Age.ofYears(3))).isTrue();
        assertThat(stack.takesOnTop(Age.ofYears(1))).isTrue();
        assertThat(stack.takesOnTop(Age.UNKNOWN)).isTrue();
        assertThat(stack.takesOnTop(Age.ofYears(4))).isFalse();
        assertThat(stack.under(Coat.of(Layer.FINISH, Age.ofYears(1))).takesOnTop(Age.ofYears(3)))
                .isFalse();
        assertThat(of().takesOnTop(Age.ofYears(90))).isTrue();
    }
}
