package lumko.app.tables;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UnsupportedEncodingException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.account.People;
import lumko.app.formats.BadFileException;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.House;
import lumko.app.house.Houses;
import lumko.app.house.Surface;
import lumko.app.store.Store;
import lumko.core.geometry.RoomKind;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Tables are looked at before anything is written, taken as they were looked at, and taken back as a whole. */
class TablesTest extends ApplicationTest {
    @Autowired
    Imports imports;

    @Autowired
    Store store;

    @Autowired
    People people;

    private static byte[] bytes(String text) {
        return text.getBytes(UTF_8);
    }

    private UUID save(String table) {
        return asLead(() -> imports.save("list.csv", bytes(table), Optional.empty()));
    }

    private Imports.Seen look(UUID id) {
        return asLead(() -> imports.look(id));
    }

    private Imports.Seen take(UUID id) {
        return asLead(() -> {
            Imports.Seen seen = imports.look(id);
            imports.take(id, seen.version());
            return seen;
        });
    }

    private void undo(UUID id) {
        asLead(() -> {
            imports.undo(id);
            return id;
        });
    }

    private static List<String> why(Imports.Seen seen) {
        return seen.rows().stream()
                .flatMap(row -> row.why().stream().map(why -> row.line() + " " + why))
                .toList();
    }

    private Optional<House> house(String name) {
        return asLead(() -> houses.all()).stream()
                .filter(each -> each.name().equals(name))
                .findFirst();
    }

    private List<String> numbers(String house) {
        return asLead(() -> houses.doorsOf(List.of(house(house).orElseThrow().id()))).stream()
                .map(Houses.Door::number)
                .toList();
    }

    /** A house with two flats of a room each, out of tables. */
    private String houseWithRooms() {
        String house = "Cinder Yard " + UUID.randomUUID();
        take(save("house,built,flat\n%1$s,1932,1\n%1$s,,2\n".formatted(house)));
        take(save("house,flat,room,length,width,height\n%1$s,1,Living,5,4,2.6\n%1$s,2,Living,5,4,2.6\n"
                .formatted(house)));
        return house;
    }

    private Flat flatIn(String house, String number) {
        return asLead(() ->
                houses.flat(houses.doorsNumbered(number, List.of(house(house).orElseThrow()), 1)
                        .getFirst()
                        .flatId()));
    }

    /** Whoever takes in a long table sees how far it is, before and while it is looked through. */
    @Test
    void aLongTableTellsHowFarItIs() {
        String rows = IntStream.range(0, 1500)
                .mapToObj(row -> "Counted House %s,1960,%d\n".formatted(UUID.randomUUID(), row))
                .collect(Collectors.joining());
        UUID id = save("house,built,flat\n" + rows);
        assertThat(mvc.get().uri("/tables/" + id).with(user(member("mirela"))))
                .hasStatusOk()
                .bodyText()
                .contains("data-then=\"/tables/" + id + "?now=yes\"", "<progress");
        var looking = CompletableFuture.supplyAsync(() -> look(id));
        Optional<Counted.Share> share = Optional.empty();
        while (share.isEmpty() && !looking.isDone()) {
            share = asLead(() -> imports.progress(id));
        }
        assertThat(share).hasValueSatisfying(now -> {
            assertThat(now.of()).isEqualTo(1500);
            assertThat(now.rows()).isBetween(0, 1499);
        });
        assertThat(as(stranger(), () -> imports.progress(id))).isEmpty();
        assertThat(looking.join().count(Taker.Result.MADE)).isEqualTo(1500);
        assertThat(asLead(() -> imports.progress(id))).isEmpty();
        assertThat(mvc.get().uri("/tables/" + id + "/progress").with(user(member("jonas"))))
                .hasStatus(403);
    }

    @Nested
    class Flats {
        @Test
        void areLookedAtFirstThenTakenThenTakenBack() {
            UUID id = save("""
                    Building;Year built;Unit;Storey;Window
                    Cinder Row;1932;2B;2;1
                    Cinder Row;;garden;0;1
                    Cinder Row;;3;0;1
                    Ropewalk Court;;7;;
                    Hollow End;;1;;
                    ;1950;1;;
                    """);
            Imports.Seen seen = look(id);
            assertThat(seen.kind()).isEqualTo(TableKind.FLATS);
            assertThat(seen.rows())
                    .extracting(Imports.RowSeen::result)
                    .containsExactly(
                            Taker.Result.MADE,
                            Taker.Result.MADE,
                            Taker.Result.REFUSED,
                            Taker.Result.THERE,
                            Taker.Result.REFUSED,
                            Taker.Result.REFUSED);
            assertThat(why(seen))
                    .containsExactly(
                            "4 Cinder Row has a flat behind window 1 of floor 0 already.",
                            "6 Built in is missing.",
                            "7 House is missing.");
            assertThat(house("Cinder Row")).isEmpty();

            take(id);
            assertThat(numbers("Cinder Row")).containsExactly("2B", "garden");
            assertThat(house("Cinder Row").orElseThrow().builtYear()).isEqualTo(1932);
            assertThatThrownBy(() -> take(id)).hasMessage("denied.tableTaken");

            undo(id);
            assertThat(house("Cinder Row")).isEmpty();
            assertThatThrownBy(() -> undo(id)).hasMessage("denied.tableNotTaken");
        }

        @Test
        void stayWhereSomethingRestsOnThem() {
            UUID id = save("house,built,flat\nHolm End,1932,1\n");
            take(id);
            UUID flat = flatIn("Holm End", "1").id();
            asLead(() -> {
                recording.setDates(
                        flat, TODAY, Optional.empty(), Optional.empty(), lumko.core.judge.Scrutiny.AS_USUAL, -1);
                return flat;
            });
            assertThatThrownBy(() -> undo(id)).hasMessage("denied.flatOpen");
            assertThat(numbers("Holm End")).containsExactly("1");
            asLead(() -> {
                recording.endTurnover(
                        flat, TODAY, houses.flat(flat).turnover().orElseThrow().version());
                return flat;
            });
            undo(id);
        }
    }

    @Nested
    class Rooms {
        @Test
        void byLengthAndWidthOrWallByWallInUnitsOfTheirOwn() {
            String house = "Weir Gate " + UUID.randomUUID();
            take(save("house,built,flat\n%s,1932,1\n".formatted(house)));
            UUID id = save("""
                    house,flat,room,length (cm),width (cm),height,walls
                    %1$s,1,Main bedroom,"420,5",300,2.5,
                    %1$s,1,Hall,,,2.5,"5 right, 1 right, 2 left, 3 right, 3 right, 4 right"
                    %1$s,1,Hall,100,100,2.5,
                    %1$s,1,Attic,400,300,0.2,
                    %1$s,9,Attic,400,300,2.5,
                    """.formatted(house));
            Imports.Seen seen = take(id);
            assertThat(why(seen))
                    .containsExactly(
                            "5 Height must be 1.5–8 m, was 0.2 m.",
                            "6 There is no flat “9” in " + house + ": take the flats in first.");
            assertThat(seen.count(Taker.Result.THERE)).isOne();
            Flat flat = flatIn(house, "1");
            assertThat(flat.rooms().getFirst().kind()).isEqualTo(RoomKind.BEDROOM);
            assertThat(wall(flat, 0).asWall().width()).isEqualTo(Length.ofMillimetres(4205));
            assertThat(flat.rooms().getLast().outline().sides()).isEqualTo(6);

            undo(id);
            assertThat(flatIn(house, "1").rooms()).isEmpty();
        }
    }

    @Nested
    class Coats {
        @Test
        void comeToLieOnTheSurfacesThatAreMeant() {
            String house = houseWithRooms();
            UUID id = save("""
                    house,flat,room,surface,paint,colour,put on,note
                    %1$s,1,,,,Oat Husk,2019,
                    %1$s,1,Living,wall B,,Kelp Cellar,2021-05-01,
                    %1$s,1,Living,b,,Oat Husk,2018,
                    %1$s,2,living,ceiling,,Chalk Yard,31/12/2020,
                    %1$s,2,living,roof,,Chalk Yard,,
                    %1$s,2,living,walls,,No Such Grey,,
                    """.formatted(house));
            Imports.Seen seen = take(id);
            assertThat(why(seen))
                    .containsExactly(
                            "4 A later layer lies there: an older one cannot lie on top of it.",
                            "6 There is no surface “roof” there: walls, wall B, ceiling or trim.",
                            "7 No colour on record is called “No Such Grey”.");
            Flat one = flatIn(house, "1");
            assertThat(one.walls().map(TablesTest::colourOf))
                    .containsExactly("Oat Husk", "Kelp Cellar", "Oat Husk", "Oat Husk");
            assertThat(wall(one, 0).topCoat().orElseThrow().note()).isEqualTo("about 2019");
            Surface ceiling = flatIn(house, "2").rooms().getFirst().only(lumko.app.house.SurfaceKind.CEILING);
            assertThat(ceiling.topCoat().flatMap(Coat::appliedOn)).contains(LocalDate.of(2020, 12, 31));

            // the same again is there already
            Imports.Seen again = look(save("house,flat,colour,put on\n%s,1,Oat Husk,2019\n".formatted(house)));
            assertThat(again.rows()).extracting(Imports.RowSeen::result).containsExactly(Taker.Result.THERE);

            undo(id);
            assertThat(flatIn(house, "1").walls()).allMatch(wall -> wall.coats().isEmpty());
        }

        @Test
        void aDateThatCanBeReadBothWaysIsAskedFor() {
            String house = houseWithRooms();
            UUID id = save("house,flat,colour,put on\n%s,1,Oat Husk,3/4/2019\n".formatted(house));
            Imports.Seen seen = look(id);
            assertThat(seen.asksDayOrder()).isTrue();
            assertThat(why(seen))
                    .containsExactly(
                            "2 “3/4/2019” can be read both ways: say whether the day or the month comes first.");
            asLead(() -> {
                imports.describe(
                        id,
                        Map.of(0, "houseName", 1, "flatNumber", 2, "colourId", 3, "appliedOn"),
                        Optional.of(DayOrder.MONTH_FIRST));
                return id;
            });
            take(id);
            assertThat(wall(flatIn(house, "1"), 0).topCoat().flatMap(Coat::appliedOn))
                    .contains(LocalDate.of(2019, 3, 4));
        }
    }

    private static String colourOf(Surface surface) {
        return surface.topCoat().flatMap(Coat::colour).orElseThrow().name();
    }

    @Test
    void coloursProductsAndTinsAndStockIsTaken() {
        take(save("colour,hex,code\nHemp Rope,#c9b48a,HR-1\nHemp Twine,beige,\n"));
        take(save("maker,product,kind,sheen,gloss,sizes\nLockgate,Quay Matt,wall,matt,3,2.5 5\n"));
        UUID tins = save("""
                label,paint,colour,size,left,shelf
                T-901,Quay Matt,Hemp Rope,5 L,1900 ml,yard
                T-902,Quay Matt,Hemp Rope,5,6,yard
                """);
        Imports.Seen seen = take(tins);
        assertThat(why(seen)).containsExactly("3 There cannot be more in the tin (6 L) than it holds (5 L).");
        assertThat(asLead(() -> store.labelled("T-901")).orElseThrow().left()).isEqualTo(Volume.ofLitres(1.9));

        UUID stock = save("label,paint,colour,size,left,shelf\nT-901,Quay Matt,Hemp Rope,5,0.4,van\n");
        assertThat(take(stock).rows())
                .extracting(Imports.RowSeen::what)
                .containsExactly("T-901: 1.9 L → 0.4 L, yard → van");
        undo(stock);
        assertThat(asLead(() -> store.labelled("T-901")).orElseThrow().place()).isEqualTo("yard");
        undo(tins);
        assertThat(asLead(() -> store.labelled("T-901"))).isEmpty();
    }

    @Test
    void aColourThatSomethingHasStays() {
        UUID colours = save("colour,hex\nHemp Canvas,#c9b48a\n");
        take(colours);
        String house = houseWithRooms();
        UUID coats = save("house,flat,colour\n%s,1,Hemp Canvas\n".formatted(house));
        take(coats);
        assertThatThrownBy(() -> undo(colours)).hasMessage("denied.paintUsed");
        undo(coats);
        undo(colours);
        assertThat(asLead(() -> paints.hasColour("Hemp Canvas"))).isFalse();
    }

    @Test
    void nothingToTakeIsSaid() {
        UUID id = asLead(
                () -> imports.save("flats\u0000\u202e.csv", bytes("house,flat\nRopewalk Court,7\n"), Optional.empty()));
        assertThat(look(id).fileName()).isEqualTo("flats.csv");
        assertThatThrownBy(() -> take(id)).hasMessage("denied.tableNothing");
        asLead(() -> {
            imports.describe(id, Map.of(0, "houseName", 999, "flatNumber", 1, "no such field"), Optional.empty());
            return id;
        });
        assertThat(look(id).columns()).extracting(Imports.Column::field).containsExactly("houseName", "");
    }

    @Test
    void peopleWithTheirHouses() {
        UUID id = save("""
                name,login,role,houses
                Ansel Brook,ansel,painter,Tern Terrace; Ropewalk Court
                Ansel Brook,ansel,painter,
                Ivo Lund,ivo,plumber,
                Ivo Lund,ivo,,Nowhere
                """);
        Imports.Seen seen = take(id);
        assertThat(seen.rows())
                .extracting(Imports.RowSeen::result)
                .containsExactly(Taker.Result.MADE, Taker.Result.THERE, Taker.Result.REFUSED, Taker.Result.REFUSED);
        assertThat(why(seen).getLast()).isEqualTo("5 There is no house “Nowhere” on record.");
        assertThat(member("ansel")
                        .houses()
                        .contains(house("Tern Terrace").orElseThrow().id()))
                .isTrue();
        undo(id);
        assertThat(member("ansel").active()).isFalse();
    }

    @Nested
    class Files {
        @Test
        void aSpreadsheetIsReadAsItsCellsAreMeant() throws IOException {
            String house = houseWithRooms();
            ByteArrayOutputStream file = new ByteArrayOutputStream();
            try (Workbook book = new Workbook(file, "test", "1.0")) {
                Worksheet sheet = book.newWorksheet("coats");
                List<String> header = List.of("House", "Flat", "Colour", "Painted on");
                for (int column = 0; column < header.size(); column++) {
                    sheet.value(1, column, header.get(column));
                }
                sheet.value(2, 0, house);
                sheet.value(2, 1, 1);
                sheet.value(2, 2, "Oat Husk");
                sheet.value(2, 3, LocalDate.of(2019, 4, 3));
                sheet.style(2, 3).format("dd/mm/yyyy").set();
            }
            UUID id = asLead(() -> imports.save("coats.xlsx", file.toByteArray(), Optional.empty()));
            Imports.Seen seen = take(id);
            assertThat(why(seen)).isEmpty();
            assertThat(seen.rows()).extracting(Imports.RowSeen::line).containsExactly(3);
            assertThat(wall(flatIn(house, "1"), 0).topCoat().flatMap(Coat::appliedOn))
                    .contains(LocalDate.of(2019, 4, 3));
        }

        @ParameterizedTest
        @CsvSource(
                quoteCharacter = '|',
                value = {
                    "|  |, there is nothing in this table",
                    "|a,b\n\"1,2|, a quotation mark is not closed here",
                    "|one,two\n1,2|, Its columns show no table that is known here"
                })
        void whatIsNoTableIsRefused(String text, String why) {
            assertThatThrownBy(() -> save(text))
                    .isInstanceOf(BadFileException.class)
                    .hasMessageContaining(why);
        }

        @Test
        void largeAndHostileOnesToo() throws IOException {
            assertThatThrownBy(() -> save("house,built\n" + "A,1900\n".repeat(3001)))
                    .hasMessageContaining("3000 rows");
            assertThatThrownBy(() -> save("house" + ",x".repeat(60) + "\n")).hasMessageContaining("60 columns");
            ByteArrayOutputStream bomb = new ByteArrayOutputStream();
            try (ZipOutputStream zip = new ZipOutputStream(bomb)) {
                zip.putNextEntry(new ZipEntry("xl/worksheets/sheet1.xml"));
                byte[] zeros = new byte[1_000_000];
                for (int n = 0; n < 61; n++) {
                    zip.write(zeros);
                }
            }
            assertThatThrownBy(() -> TableFile.read(bomb.toByteArray())).hasMessageContaining("unpacks to more");
            assertThatThrownBy(() -> TableFile.read(new byte[] {'P', 'K', 3, 4, 0, 0}))
                    .hasMessageContaining("no spreadsheet");
            assertThatThrownBy(() -> TableFile.read(new byte[] {(byte) 0xC3, (byte) 0x28}))
                    .hasMessageContaining("no text in UTF-8");
        }
    }

    private MvcTestResult get(Member by, String path) {
        return mvc.get().uri(path).with(user(by)).exchange();
    }

    private MvcTestResult post(Member by, String path, Map<String, String> fields) {
        var request = mvc.post().uri(path).with(user(by)).with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    @Test
    void thePagesLeadFromTheFileToTheRecordAndBack() throws UnsupportedEncodingException {
        Member lead = member("mirela");
        assertThat(get(lead, "/tables/flats.csv"))
                .hasStatusOk()
                .bodyText()
                .isEqualTo("house,built,roof,textured coating,flat,floor,window\n");
        assertThat(get(lead, "/tables/nothing.csv")).hasStatus(404);
        assertThat(get(lead, "/tables")).bodyText().contains("houses and flats", "template");

        String sent = mvc.post()
                .uri("/tables")
                .multipart()
                .file("file", bytes("name of it,year\nSluice Row,1911\n"))
                .param("kind", "FLATS")
                .with(user(lead))
                .with(csrf())
                .exchange()
                .getResponse()
                .getRedirectedUrl();
        assertThat(get(lead, sent)).bodyText().contains("No column says:", "name of it");
        assertThat(post(lead, sent + "/columns", Map.of("column-0", "houseName", "column-1", "builtYear")))
                .hasStatus(302);
        assertThat(get(lead, sent)).bodyText().contains("1 is made", "Sluice Row");
        for (Member other : List.of(member("jonas"), member("tobias"))) {
            assertThat(get(other, "/tables")).hasStatus(403);
            assertThat(get(other, sent)).hasStatus(403);
            assertThat(post(other, sent + "/take", Map.of("version", "1"))).hasStatus(403);
        }
        assertThat(get(stranger(), sent)).hasStatus(404);
        assertThat(post(lead, sent + "/take", Map.of("version", "0"))).hasStatus(409);
        assertThat(post(lead, sent + "/take", Map.of("version", "1"))).hasStatus(302);
        assertThat(house("Sluice Row")).isPresent();
        assertThat(get(lead, "/history")).bodyText().contains("took a table in");
        assertThat(post(lead, sent + "/undo", Map.of())).hasStatus(302);
        assertThat(house("Sluice Row")).isEmpty();
        assertThat(get(lead, "/tables")).bodyText().contains("taken back");
    }
}
