package lumko.app.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.io.UnsupportedEncodingException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.core.record.Layer;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class RecordTest extends ApplicationTest {
    private MvcTestResult post(Member member, String path, Map<String, String> fields) {
        var request = mvc.post().uri(path).with(user(member)).with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    private MvcTestResult get(Member member, String path) {
        return mvc.get().uri(path).with(user(member)).exchange();
    }

    private static Map<String, String> room(String length, String width, String height) {
        return Map.of(
                "roomName",
                "Cellar",
                "roomKind",
                "HALL",
                "length",
                length,
                "width",
                width,
                "height",
                height,
                "substrate",
                "GYPSUM_BOARD",
                "texture",
                "SMOOTH");
    }

    @Nested
    class ARoom {
        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "0 | 3 | 2.5 | Length must be 0.1–30 m, was 0 m.",
                    "-4 | 3 | 2.5 | Length must be 0.1–30 m, was -4 m.",
                    "4 | wide | 2.5 | Width must be a number (m), was “wide”.",
                    "4 | 3 | 1.49 | Height must be 1.5–8 m, was 1.49 m.",
                    "4 | 31 | 2.5 | Width must be 0.1–30 m, was 31 m."
                })
        void thatCannotBeGetsASentenceAndChangesNothing(String length, String width, String height, String sentence) {
            Flat flat = freshFlat("Tern Terrace");
            MvcTestResult result =
                    post(member("mirela"), "/flats/" + flat.id() + "/rooms", room(length, width, height));
            assertThat(result)
                    .hasStatus(422)
                    .bodyText()
                    .contains(sentence, "value=\"Cellar\"", "value=\"" + length + "\"");
            assertThat(asLead(() -> houses.flat(flat.id())).rooms()).hasSize(1);
        }

        @Test
        void thatCanBeStandsWithItsWallsCeilingAndTrim() {
            Flat flat = freshFlat("Tern Terrace");
            assertThat(post(member("mirela"), "/flats/" + flat.id() + "/rooms", room("5", "1.3", "2.55")))
                    .hasStatus3xxRedirection();
            Room cellar = asLead(() -> houses.flat(flat.id())).rooms().getLast();
            assertThat(cellar.walls().map(wall -> wall.asWall().width().inMetres()))
                    .containsExactly(5.0, 1.3, 5.0, 1.3);
            assertThat(cellar.only(SurfaceKind.CEILING)).isNotNull();
            assertThat(cellar.only(SurfaceKind.TRIM)).isNotNull();
        }

        @Test
        void nameTooLong() {
            Flat flat = freshFlat("Tern Terrace");
            Map<String, String> fields = new HashMap<>(room("4", "3", "2.5"));
            fields.put("roomName", "x".repeat(61));
            assertThat(post(member("mirela"), "/flats/" + flat.id() + "/rooms", fields))
                    .hasStatus(422)
                    .bodyText()
                    .contains("Room can have 60 characters at most, had 61.");
        }
    }

    @Nested
    class AnOpening {
        private Map<String, String> door(String left, String width, String height) {
            return Map.of(
                    "feature", "DOOR", "left", left, "bottom", "0", "featureWidth", width, "featureHeight", height);
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "3.5 | 0.86 | 2.04 | Door right edge must be 0–4000 mm, was 4360 mm.",
                    "1 | 0.86 | 2.6 | Door top must be 0–2500 mm, was 2600 mm.",
                    "-1 | 0.86 | 2.04 | From the left corner must be 0–30 m, was -1 m.",
                    "1 | 0 | 2.04 | Width must be 0–30 m, was 0 m."
                })
        void outsideItsWallIsRefused(String left, String width, String height, String sentence) {
            Flat flat = freshFlat("Tern Terrace");
            UUID wall = wall(flat, 0).id();
            assertThat(post(member("mirela"), "/surfaces/" + wall + "/features", door(left, width, height)))
                    .hasStatus(422)
                    .bodyText()
                    .contains(sentence);
            assertThat(wall(asLead(() -> houses.flat(flat.id())), 0).asWall().openings())
                    .isEmpty();
        }

        @Test
        void overAnotherIsRefused() {
            Flat flat = freshFlat("Tern Terrace");
            UUID wall = wall(flat, 0).id();
            assertThat(post(member("mirela"), "/surfaces/" + wall + "/features", door("1", "0.86", "2.04")))
                    .hasStatus3xxRedirection();
            assertThat(post(member("mirela"), "/surfaces/" + wall + "/features", door("1.5", "0.86", "2.04")))
                    .hasStatus(422)
                    .bodyText()
                    .contains("Two openings overlap.");
        }
    }

    @Nested
    class ACoat {
        @Test
        void aFinishNeedsItsPaint() {
            UUID wall = wall(freshFlat("Tern Terrace"), 0).id();
            assertThat(post(member("mirela"), "/surfaces/" + wall + "/coats", Map.of("layer", "FINISH")))
                    .hasStatus(422)
                    .bodyText()
                    .contains("A finish needs its product or its colour");
        }

        @Test
        void inTheFutureIsRefused() {
            UUID wall = wall(freshFlat("Tern Terrace"), 0).id();
            assertThat(post(
                            member("mirela"),
                            "/surfaces/" + wall + "/coats",
                            Map.of("layer", "PRIMER", "appliedOn", "2199-01-01")))
                    .hasStatus(422)
                    .bodyText()
                    .contains("A coat cannot have been put on in the future");
        }

        @Test
        void standsOnTopOfWhatWasThere() {
            Flat flat = freshFlat("Tern Terrace");
            UUID wall = wall(flat, 0).id();
            post(member("mirela"), "/surfaces/" + wall + "/coats", Map.of("layer", "PRIMER", "note", "thin"));
            post(member("mirela"), "/surfaces/" + wall + "/coats", Map.of("layer", "UNKNOWN", "places", ""));
            assertThat(wall(asLead(() -> houses.flat(flat.id())), 0).coats())
                    .extracting(Coat::layer)
                    .containsExactly(Layer.PRIMER, Layer.UNKNOWN);
        }
    }

    @Nested
    class Dates {
        @Test
        void aViewingBeforeTheKeysComeBackIsRefused() {
            Flat flat = freshFlat("Tern Terrace");
            assertThat(post(
                            member("tobias"),
                            "/flats/" + flat.id() + "/dates",
                            Map.of("keysBackOn", "2026-05-10", "viewingOn", "2026-05-09", "version", "-1")))
                    .hasStatus(422)
                    .bodyText()
                    .contains("This day (9 May 2026) lies before the keys come back (10 May 2026).");
            assertThat(asLead(() -> houses.flat(flat.id())).turnover()).isEmpty();
        }

        @Test
        void theSecondOfTwoLearnsThatTheFirstWasThere() {
            Flat flat = freshFlat("Tern Terrace");
            Map<String, String> first = Map.of("keysBackOn", "2026-05-10", "version", "-1");
            assertThat(post(member("tobias"), "/flats/" + flat.id() + "/dates", first))
                    .hasStatus3xxRedirection();
            assertThat(post(
                            member("mirela"),
                            "/flats/" + flat.id() + "/dates",
                            Map.of("keysBackOn", "2026-06-01", "version", "-1")))
                    .hasStatus(409)
                    .bodyText()
                    .contains("Nothing was overwritten");
            assertThat(asLead(() -> houses.flat(flat.id()))
                            .turnover()
                            .orElseThrow()
                            .keysBackOn())
                    .hasToString("2026-05-10");
        }
    }

    @Nested
    class WhoMayWhat {
        @Test
        void aPainterChangesOnlyTheHousesGivenToHim() {
            Flat terrace = freshFlat("Tern Terrace");
            Flat ropewalk = freshFlat("Ropewalk Court");
            assertThat(post(member("jonas"), "/flats/" + terrace.id() + "/rooms", room("4", "3", "2.5")))
                    .hasStatus(403)
                    .bodyText()
                    .contains("Only the lead and the painters who look after Tern Terrace change its records.");
            assertThat(post(member("jonas"), "/flats/" + ropewalk.id() + "/rooms", room("4", "3", "2.5")))
                    .hasStatus3xxRedirection();
            assertThat(get(member("jonas"), "/flats/" + terrace.id())).hasStatusOk();
        }

        @ParameterizedTest
        @CsvSource({
            "jonas, /houses/new, 403", "tobias, /houses/new, 403", "mirela, /houses/new, 200",
            "jonas, /flats/%s/dates, 403", "tobias, /flats/%s/dates, 200", "tobias, /flats/%s/rooms/new, 403",
            "saoirse, /flats/%s/rooms/new, 200", "emeka, /flats/%s/rooms/new, 403"
        })
        void pagesByRole(String login, String path, int status) {
            Flat flat = flat("Tern Terrace", 1);
            assertThat(get(member(login), path.formatted(flat.id()))).hasStatus(status);
        }

        @Test
        void nobodyPostsWithoutTheToken() {
            assertThat(mvc.post().uri("/houses").with(user(member("mirela"))).param("houseName", "x"))
                    .hasStatus(403);
        }

        @Test
        void whoIsNotSignedInIsAskedTo() {
            assertThat(mvc.get().uri("/").header("Accept", "text/html"))
                    .hasStatus3xxRedirection()
                    .hasRedirectedUrl("/login");
        }
    }

    @Nested
    class AnotherOrganisation {
        static Stream<String> pages() {
            return Stream.of(
                    "/flats/%1$s",
                    "/flats/%1$s/rooms/new",
                    "/flats/%1$s/dates",
                    "/walls/%2$s/walk",
                    "/surfaces/%2$s/edit",
                    "/houses/%3$s/flats/new");
        }

        @ParameterizedTest
        @MethodSource("pages")
        void seesTheSameAsForAnIdThatNeverWas(String page) {
            Flat flat = flat("Ropewalk Court", 7);
            String foreign =
                    page.formatted(flat.id(), wall(flat, 0).id(), flat.house().id());
            UUID never = UUID.randomUUID();
            String unknown = page.formatted(never, never, never);
            assertThat(get(member("mirela"), foreign)).hasStatusOk();
            MvcTestResult foreignAnswer = get(stranger(), foreign);
            MvcTestResult unknownAnswer = get(stranger(), unknown);
            assertThat(foreignAnswer).hasStatus(404);
            assertThat(unknownAnswer).hasStatus(404);
            assertThat(withoutToken(foreignAnswer)).isEqualTo(withoutToken(unknownAnswer));
        }

        private static String withoutToken(MvcTestResult result) {
            try {
                return result.getResponse().getContentAsString().replaceAll("(content|value)=\"[\\w-]{20,}\"", "");
            } catch (UnsupportedEncodingException impossible) {
                throw new IllegalStateException(impossible);
            }
        }

        @Test
        void seesNoHousePersonTinOrFigureOfTheFirst() {
            Member stranger = stranger();
            assertThat(get(stranger, "/"))
                    .hasStatusOk()
                    .bodyText()
                    .doesNotContain("Ropewalk")
                    .contains("No house is on record yet");
            assertThat(get(stranger, "/store")).hasStatusOk().bodyText().doesNotContain("Oat Husk");
            assertThat(get(stranger, "/people"))
                    .hasStatusOk()
                    .bodyText()
                    .doesNotContain("Jonas")
                    .contains("Odalys Brandt");
            assertThat(as(stranger, houses::all)).isEmpty();
            assertThat(as(stranger, houses::openTurnovers)).isEmpty();
        }

        @Test
        void changesNothingOfTheFirst() {
            Flat flat = flat("Ropewalk Court", 7);
            List<String> posts = List.of(
                    "/walls/" + wall(flat, 0).id() + "/marks?kind=NAIL_HOLE&leftMm=100&upMm=1000",
                    "/flats/" + flat.id() + "/sheet",
                    "/walls/" + wall(flat, 0).id() + "/paint?answer=NOT_SURE&version=-1");
            for (String path : posts) {
                assertThat(mvc.post().uri(path).with(user(stranger())).with(csrf()))
                        .hasStatus(404);
            }
        }

        @Test
        void idsThatAreNoneAreTheSameToo() {
            assertThat(get(member("mirela"), "/flats/7")).hasStatus(404);
            assertThat(get(member("mirela"), "/nowhere")).hasStatus(404);
        }
    }

    @Test
    void everyPageCarriesTheStrictPolicy() {
        assertThat(get(member("mirela"), "/"))
                .headers()
                .hasValue(
                        "Content-Security-Policy",
                        "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self';"
                                + " connect-src 'self'; manifest-src 'self'; form-action 'self'; base-uri 'none';"
                                + " frame-ancestors 'none'");
    }
}
