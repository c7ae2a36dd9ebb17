package lumko.app.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.house.Surface;
import lumko.app.platform.EditableRow;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.app.walk.PaintAnswer;
import lumko.app.walk.Walks;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Seen;
import lumko.core.colour.Spectrum;
import lumko.core.judge.Scrutiny;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class ReadingTest extends ApplicationTest {
    @Autowired
    Readings readings;

    @Autowired
    Identifying identifying;

    @Autowired
    Candidates candidates;

    @Autowired
    Walks walks;

    @Autowired
    Store store;

    private Flat flat;
    private UUID wallId = new UUID(0, 0);
    private Tin tin;

    /** A wall painted a year ago from a tin in the store. */
    @BeforeEach
    void aWall() {
        flat = freshFlat("Ropewalk Court");
        wallId = wall(flat, 0).id();
        tin = asLead(() -> store.all().stream()
                .filter(each -> each.colour().name().equals("Wet Slate"))
                .findFirst()
                .orElseThrow());
        asLead(() -> {
            recording.addCoat(
                    wallId,
                    NewCoat.finish(
                            tin.product().id(), tin.colour().id(), Optional.of(tin.id()), TODAY.minusYears(1), ""));
            recording.setDates(
                    flat.id(), TODAY, Optional.empty(), Optional.empty(), Scrutiny.AS_USUAL, EditableRow.UNSAVED);
            return wallId;
        });
    }

    private MvcTestResult press(Member member, String what) {
        return mvc.post()
                .uri("/walls/" + wallId + "/reading/" + what)
                .with(user(member))
                .with(csrf())
                .exchange();
    }

    private void read(int places) {
        assertThat(press(member("jonas"), "calibrate")).hasStatus(302);
        for (int n = 0; n < places; n++) {
            assertThat(press(member("jonas"), "shoot")).hasStatus(302);
        }
    }

    private WallReading reading() {
        return asLead(() -> readings.of(wallId)).orElseThrow();
    }

    private List<Candidate> candidates() {
        return asLead(() -> candidates.of(houses.flat(flat.id()), wallId, reading()));
    }

    @Test
    void theTileComesFirst() {
        assertThat(press(member("jonas"), "shoot")).hasStatus(409).bodyText().contains("It wants its white tile first");
        read(1);
        assertThat(reading().shots()).hasSize(1);
        assertThat(reading().instrument()).contains("aperture=8");
        assertThat(mvc.get().uri("/walls/" + wallId + "/reading").with(user(member("jonas"))))
                .bodyText()
                .contains("geometry 45/0, window 8 mm.", "its window is 8 mm wide");
    }

    @Test
    void threePlacesSayWhichPaintItMayBe() throws Exception {
        read(3);
        assertThat(reading().result().orElseThrow().uncertainty()).isLessThan(1);
        Candidate likeliest = candidates().getFirst();
        assertThat(likeliest.paint()).isEqualTo(tin.paint());
        assertThat(likeliest.from()).isEqualTo(Candidate.From.THIS_SURFACE);
        assertThat(likeliest.match().cannotBeToldApart()).isTrue();
        assertThat(mvc.get()
                        .uri("/walls/" + wallId + "/reading")
                        .with(user(member("tobias")))
                        .exchange())
                .bodyText()
                .contains("Which paint may it be?", "Wet Slate", "cannot be told apart")
                .doesNotContain("It is this");
    }

    @Test
    void noCandidateIsTakenSilently() {
        read(3);
        assertThat(asLead(() -> walks.wall(wallId)).visit().answer()).isEmpty();
        Candidate likeliest = candidates().getFirst();
        assertThat(mvc.post()
                        .uri("/walls/" + wallId + "/reading/confirm")
                        .with(user(member("jonas")))
                        .with(csrf())
                        .param("product", likeliest.paint().product().id().toString())
                        .param("colour", likeliest.paint().colour().id().toString())
                        .exchange())
                .hasStatus(302);
        assertThat(asLead(() -> walks.wall(wallId)).visit().answer()).contains(PaintAnswer.RECORD_AGREES);
        assertThat(wall(asLead(() -> houses.flat(flat.id())), 0).coats()).hasSize(1);
    }

    @Test
    void noneOfThemIsKeptAsAnAnswerAndInTheHistory() {
        assertThat(press(member("jonas"), "refuse")).hasStatus(409).bodyText().contains("Nothing has been read yet.");
        read(3);
        assertThat(press(stranger(), "refuse")).hasStatus(404);
        assertThat(press(member("jonas"), "refuse")).hasStatus(302);
        assertThat(asLead(() -> walks.wall(wallId)).visit().answer()).contains(PaintAnswer.NOT_SURE);
        assertThat(wall(asLead(() -> houses.flat(flat.id())), 0).topCoat().flatMap(Coat::paint))
                .contains(tin.paint());
        assertThat(mvc.get().uri("/flats/" + flat.id() + "/history").with(user(member("jonas"))))
                .bodyText()
                .contains("read: none of the paints it may be");
    }

    /** The demo has read three walls: one that aged, one that carries something else, one without a record. */
    @Test
    void theWalkSaysWhatAReadingMakesOfTheRecord() {
        assertThat(walkOf("Ropewalk Court", 7))
                .contains("Read, it agrees with the record: Oat Husk as it would be by now");
        assertThat(walkOf("Tern Terrace", 3))
                .contains(
                        "Read, it is something else than the record says: beside Oat Husk as it would be by now it is seen.");
        assertThat(walkOf("Brickfield House", 19)).doesNotContain("Read, it ");
    }

    @Test
    void onlyWhatComesNearIsACandidateBesidesTheRecordItself() {
        wallId = firstWallOf("Tern Terrace", 3);
        flat = asLead(() -> houses.flatOfSurface(wallId));
        assertThat(candidates())
                .first()
                .extracting(each -> each.paint().colour().name())
                .isEqualTo("Brick Blush");
        assertThat(candidates())
                .filteredOn(each -> each.match().isFarOff())
                .singleElement()
                .satisfies(each -> assertThat(each.from()).isEqualTo(Candidate.From.THIS_SURFACE))
                .satisfies(each -> assertThat(each.paint().colour().name()).isEqualTo("Oat Husk"));
    }

    @Test
    void whereNothingComesNearTheNearestStandsThereAndItIsSaid() {
        wallId = wall(flat, 1).id();
        for (int place = 0; place < WallReading.ENOUGH; place++) {
            assertThat(mvc.post()
                            .uri("/walls/" + wallId + "/reading/note")
                            .with(user(member("jonas")))
                            .with(csrf())
                            .param("lightness", "35")
                            .param("a", "40")
                            .param("b", "20")
                            .exchange())
                    .hasStatus(302);
        }
        assertThat(candidates()).singleElement().matches(each -> each.match().isFarOff());
        assertThat(mvc.get().uri("/walls/" + wallId + "/reading").with(user(member("jonas"))))
                .bodyText()
                .contains("comes near it; the nearest stands here to compare", "None of these");
    }

    private UUID firstWallOf(String house, int number) {
        UUID flatId = asLead(() -> houses.facades().stream()
                .filter(facade -> facade.house().name().equals(house))
                .flatMap(facade -> facade.windows().stream())
                .filter(window -> window.number().equals(String.valueOf(number)))
                .findFirst()
                .orElseThrow()
                .flatId());
        return wall(asLead(() -> houses.flat(flatId)), 0).id();
    }

    private String walkOf(String house, int number) {
        return new String(
                mvc.get()
                        .uri("/walls/" + firstWallOf(house, number) + "/walk")
                        .with(user(member("mirela")))
                        .exchange()
                        .getResponse()
                        .getContentAsByteArray(),
                StandardCharsets.UTF_8);
    }

    @Test
    void anUnknownWallGetsItsRecordFromAConfirmedReading() {
        wallId = wall(flat, 1).id();
        read(4);
        Candidate likeliest = candidates().getFirst();
        assertThat(likeliest.match().seen()).isIn(Seen.NOT_SEEN, Seen.HARDLY, Seen.AT_THE_EDGE);
        as(member("jonas"), () -> {
            identifying.confirm(
                    wallId,
                    likeliest.paint().product().id(),
                    likeliest.paint().colour().id());
            return wallId;
        });
        Surface wall = wall(asLead(() -> houses.flat(flat.id())), 1);
        assertThat(wall.topCoat().flatMap(Coat::paint)).contains(likeliest.paint());
        assertThat(wall.coats().getLast().note()).isEqualTo("identified by a reading");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "lifted | It was moved while reading.",
                "dark | Light fell in under its head",
                "garble | It answered something that cannot be understood.",
                "cut | The connection broke off in the middle.",
                "uncalibrated | It wants its white tile first"
            })
    void whatGoesWrongIsSaidAndNothingOfItIsTaken(String trouble, String sentence) {
        read(2);
        READER.trouble(trouble);
        assertThat(press(member("jonas"), "shoot")).hasStatus(409).bodyText().contains(sentence);
        assertThat(reading().shots()).hasSize(2);
        read(1);
        assertThat(reading().shots()).hasSize(3);
    }

    @Test
    void aTileThatIsNotThereIsSaid() {
        READER.trouble("tile");
        assertThat(press(member("jonas"), "calibrate"))
                .hasStatus(409)
                .bodyText()
                .contains("does not stand on its tile");
        assertThat(asLead(() -> readings.of(wallId))).isEmpty();
    }

    @Test
    void withoutAReaderItSaysSo() {
        assertThat(new TcpColourReader(1).calibrate())
                .isEqualTo(new ColourReader.Answer.Failed(ColourReader.Trouble.NOT_THERE));
    }

    @Test
    void placesAreTakenBackAndAReadingIsFinishedOnce() {
        read(3);
        press(member("jonas"), "undo");
        assertThat(reading().shots()).hasSize(2);
        read(1);
        assertThat(press(member("jonas"), "finish")).hasStatus(302);
        assertThat(reading().isDone()).isTrue();
        assertThat(press(member("jonas"), "finish")).hasStatus(404);
    }

    @Test
    void placesMeasuredElsewhereAreTyped() {
        assertThat(note(Map.of("lightness", "86", "a", "1", "b", "9"))).hasStatus(302);
        assertThat(note(Map.of("factors", "0.5 ".repeat(31).strip()))).hasStatus(302);
        assertThat(reading().shots()).hasSize(2);
        assertThat(reading().shots().getLast()).isEqualTo(Spectrum.flat(0.5));
        assertThat(note(Map.of("lightness", "186", "a", "1", "b", "9")))
                .hasStatus(422)
                .bodyText()
                .contains("L* must be 0–100, was 186.");
        assertThat(note(Map.of("factors", "0.5 0.4")))
                .hasStatus(422)
                .bodyText()
                .contains("Last band must be 700–830 nm");
        assertThat(note(Map.of("factors", "x"))).hasStatus(422).bodyText().contains("“x” is no number");
    }

    private MvcTestResult note(Map<String, String> fields) {
        var request = mvc.post()
                .uri("/walls/" + wallId + "/reading/note")
                .with(user(member("jonas")))
                .with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    @Test
    void anInstrumentsFileGivesItsPlaces() {
        String file = "name,r" + String.join(",r", nanometres()) + "\nfirst" + ",0.5".repeat(31) + "\nsecond"
                + ",0.52".repeat(31) + "\n";
        assertThat(send("file", "file", file.getBytes(StandardCharsets.UTF_8), Map.of()))
                .hasStatus(302);
        assertThat(reading().shots()).containsExactly(Spectrum.flat(0.5), Spectrum.flat(0.52));
        assertThat(reading().source()).isEqualTo(Source.FILE);
        assertThat(send("file", "file", "what is this".getBytes(StandardCharsets.UTF_8), Map.of()))
                .hasStatus(422)
                .bodyText()
                .contains("There is no BEGIN_DATA");
        String tooMany = "name,hex\n" + "a,#808080\n".repeat(8);
        assertThat(send("file", "file", tooMany.getBytes(StandardCharsets.UTF_8), Map.of()))
                .hasStatus(409)
                .bodyText()
                .contains("A wall takes at the most 9 places.");
        assertThat(reading().shots()).hasSize(2);
    }

    private static List<String> nanometres() {
        return IntStream.rangeClosed(40, 70).mapToObj(ten -> ten + "0").toList();
    }

    private MvcTestResult send(String path, String part, byte[] bytes, Map<String, String> fields) {
        var request = mvc.post()
                .multipart()
                .uri("/walls/" + wallId + "/reading/" + path)
                .file(new MockMultipartFile(part, "a name.png", "application/octet-stream", bytes))
                .with(user(member("jonas")))
                .with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    /** A photo in warm light: a card of 18 % on the left, a wall on the right. */
    private static byte[] photo(int card, int wall) throws IOException {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 400; x++) {
            for (int y = 0; y < 300; y++) {
                image.setRGB(x, y, x < 150 ? card : wall);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static final Map<String, String> TAPPED =
            Map.of("card", "18", "cardAt", "0.2 0.5", "places", "0.6 0.5;0.7 0.4;0.8 0.6");

    @Test
    void aPhotoWithAGreyCardStaysAnEstimate() throws IOException {
        assertThat(send("photo", "photo", photo(0x767676, 0xb5bdc5), TAPPED)).hasStatus(302);
        WallReading reading = reading();
        assertThat(reading.source()).isEqualTo(Source.PHOTO);
        assertThat(reading.shots()).hasSize(3);
        assertThat(reading.result().orElseThrow().uncertainty()).isGreaterThanOrEqualTo(4);
        assertThat(ColourDifference.between(
                        reading.result().orElseThrow().lab(), tin.colour().lab()))
                .isLessThan(1);
        assertThat(mvc.get().uri("/walls/" + wallId + "/reading").with(user(member("jonas"))))
                .bodyText()
                .contains("Estimate from a photo", "This rests on a photo", "Wet Slate");
        assertThat(press(member("jonas"), "calibrate"))
                .hasStatus(409)
                .bodyText()
                .contains("do not mix");
        assertThat(note(Map.of("lightness", "86", "a", "1", "b", "9"))).hasStatus(409);
        assertThat(reading().shots()).hasSize(3);
    }

    @Test
    void aPhotoThatCannotBeUsedSaysWhy() throws IOException {
        assertThat(send("photo", "photo", photo(0xffffff, 0xb5bdc5), TAPPED))
                .hasStatus(422)
                .bodyText()
                .contains("The grey card is too bright");
        assertThat(send("photo", "photo", "no picture".getBytes(StandardCharsets.UTF_8), TAPPED))
                .hasStatus(422)
                .bodyText()
                .contains("A photo is a JPEG or a PNG");
        byte[] whole = photo(0x767676, 0xb5bdc5);
        assertThat(send("photo", "photo", Arrays.copyOf(whole, whole.length / 2), TAPPED))
                .hasStatus(422)
                .bodyText()
                .contains("photo is broken");
        assertThat(send("photo", "photo", whole, Map.of("card", "18", "cardAt", "0.2 0.5", "places", "")))
                .hasStatus(422)
                .bodyText()
                .contains("Tap the card first");
        assertThat(send("photo", "photo", whole, Map.of("card", "99", "cardAt", "0.2 0.5", "places", "0.6 0.5")))
                .hasStatus(422)
                .bodyText()
                .contains("must be 5–95 %, was 99 %");
        assertThat(asLead(() -> readings.of(wallId))).isEmpty();
    }

    /** A header that promises a picture of 60 000 × 60 000: refused by its size, before any pixel is read. */
    @Test
    void aPhotoThatPromisesTooMuchIsRefusedUnread() throws IOException {
        byte[] bomb = photo(0x767676, 0xb5bdc5);
        ByteBuffer.wrap(bomb).putInt(16, 60_000).putInt(20, 60_000);
        CRC32 sum = new CRC32();
        sum.update(bomb, 12, 17);
        ByteBuffer.wrap(bomb).putInt(29, (int) sum.getValue());
        assertThat(send("photo", "photo", bomb, TAPPED))
                .hasStatus(422)
                .bodyText()
                .contains("40 million pixels at the most");
    }

    @Test
    void isForThoseWhoLookAfterTheHouse() {
        assertThat(press(member("emeka"), "calibrate")).hasStatus(403);
        assertThat(press(stranger(), "calibrate")).hasStatus(404);
        assertThat(press(member("tobias"), "calibrate")).hasStatus(403);
    }
}
