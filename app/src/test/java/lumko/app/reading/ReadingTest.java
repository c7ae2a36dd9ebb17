package lumko.app.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.house.Surface;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.EditableRow;
import lumko.app.walk.PaintAnswer;
import lumko.app.walk.Walks;
import lumko.core.colour.Seen;
import lumko.core.colour.Spectrum;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class ReadingTest extends ApplicationTest {
    @Autowired
    Readings readings;

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
        tin = asLead(() -> store.stock().onShelf().stream()
                .filter(each -> each.colour().name().equals("Wet Slate"))
                .findFirst()
                .orElseThrow());
        asLead(() -> {
            houses.addCoat(
                    wallId,
                    NewCoat.finish(
                            tin.product().id(),
                            tin.colour().id(),
                            Optional.of(tin.id()),
                            LocalDate.now().minusYears(1),
                            ""));
            houses.setDates(flat.id(), LocalDate.now(), Optional.empty(), Optional.empty(), EditableRow.UNSAVED);
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
        return asLead(() -> readings.candidates(houses.flat(flat.id()), wallId, reading()));
    }

    @Test
    void theTileComesFirst() {
        assertThat(press(member("jonas"), "shoot")).hasStatus(409).bodyText().contains("It wants its white tile first");
        read(1);
        assertThat(reading().shots()).hasSize(1);
        assertThat(reading().instrument()).contains("aperture=8");
    }

    @Test
    void threePlacesSayWhichPaintItMayBe() throws Exception {
        read(3);
        assertThat(reading().result().orElseThrow().uncertainty()).isLessThan(1);
        Candidate likeliest = candidates().getFirst();
        assertThat(likeliest.paint()).isEqualTo(tin.paint());
        assertThat(likeliest.from()).isEqualTo(Candidate.From.THIS_SURFACE);
        assertThat(likeliest.cannotBeToldApart()).isTrue();
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
    void anUnknownWallGetsItsRecordFromAConfirmedReading() {
        wallId = wall(flat, 1).id();
        read(4);
        Candidate likeliest = candidates().getFirst();
        assertThat(likeliest.seen()).isIn(Seen.NOT_SEEN, Seen.HARDLY, Seen.AT_THE_EDGE);
        as(member("jonas"), () -> {
            readings.confirm(
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
    void isForThoseWhoLookAfterTheHouse() {
        assertThat(press(member("emeka"), "calibrate")).hasStatus(403);
        assertThat(press(stranger(), "calibrate")).hasStatus(404);
        assertThat(press(member("tobias"), "calibrate")).hasStatus(403);
    }
}
