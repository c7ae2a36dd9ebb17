package lumko.app.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ColourFilesTest {
    private static final String HEAD =
            "CGATS.17\nBEGIN_DATA_FORMAT\nSAMPLE_ID SAMPLE_NAME LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\n";

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static List<Sample> samples() {
        double[] slope = new double[31];
        double[] wide = new double[36];
        for (int i = 0; i < 31; i++) {
            slope[i] = 0.1 + i * 0.0213;
        }
        for (int i = 0; i < 36; i++) {
            wide[i] = 0.8 - i * 0.0031;
        }
        return List.of(
                new Sample(
                        "Oat Husk",
                        "AT-11",
                        "Umberfield",
                        "ochre 3.2; black 0.4",
                        Optional.of(Spectrum.of(400, slope)),
                        Optional.empty(),
                        Optional.empty()),
                new Sample("Ängsgrön “2”", "", Optional.of(Spectrum.of(380, wide)), Optional.empty()),
                new Sample("By its card", "C-1", Optional.empty(), Optional.of(new Lab(71.25, -3.5, 12.125))),
                new Sample(
                        "As shown",
                        "",
                        "",
                        "",
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(Srgb.ofHex("#d8c587"))));
    }

    @Nested
    class RoundTrips {
        private void isAll(List<Sample> again) {
            List<String> names = samples().stream().map(Sample::name).toList();
            assertThat(again).extracting(Sample::name).containsExactlyInAnyOrderElementsOf(names);
            for (Sample was : samples()) {
                Sample is = again.get(again.stream().map(Sample::name).toList().indexOf(was.name()));
                assertThat(is.spectrum()).isEqualTo(was.spectrum());
                assertThat(ColourDifference.between(is.seen(), was.seen())).isLessThan(1e-9);
            }
        }

        @Test
        void cgatsLosesNothing() {
            isAll(Cgats.read(bytes(Cgats.write(samples()))).samples());
        }

        @Test
        void cxfLosesNothing() {
            List<Sample> again = Cxf.read(Cxf.write(samples())).samples();
            isAll(again);
            assertThat(again.getFirst().code()).isEqualTo("AT-11");
        }

        @Test
        void csvLosesNothing() {
            List<Sample> again =
                    ColourTable.read(bytes(ColourTable.write(samples()))).samples();
            isAll(again);
            assertThat(again.getFirst().maker()).isEqualTo("Umberfield");
            assertThat(again.getFirst().formula()).isEqualTo("ochre 3.2; black 0.4");
            assertThat(again.getLast()).isEqualTo(samples().getLast());
        }

        @Test
        void nothingIsAFileToo() {
            assertThat(Cgats.read(bytes(Cgats.write(List.of()))).samples()).isEmpty();
            assertThat(ColourTable.read(bytes(ColourTable.write(List.of()))).samples())
                    .isEmpty();
            assertThat(Cxf.read(Cxf.write(List.of())).samples()).isEmpty();
        }
    }

    @Nested
    class AsOthersWriteThem {
        @Test
        void commentsAnywhereCrlfQuotesAndAnyOrder() {
            String file =
                    "CGATS.17 # begins\r\nBEGIN_DATA_FORMAT # names\r\nLAB_B SAMPLE_NAME LAB_L # two\r\nLAB_A\r\nEND_DATA_FORMAT\r\n"
                            + "NUMBER_OF_SETS 99999999\r\nBEGIN_DATA\r\n9.5 \"Oat # Husk\" 88 # half\r\n1.2\r\nEND_DATA\r\n";
            assertThat(Cgats.read(bytes(file)).samples())
                    .containsExactly(
                            new Sample("Oat # Husk", "", Optional.empty(), Optional.of(new Lab(88, 1.2, 9.5))));
        }

        @Test
        void percentsAreToldByTheirRange() {
            StringBuilder fields = new StringBuilder("SAMPLE_NAME");
            StringBuilder values = new StringBuilder("grey");
            for (int nm = 400; nm <= 700; nm += 10) {
                fields.append(" nm").append(nm);
                values.append(" 42.5");
            }
            ColourFile file = Cgats.read(bytes("CGATS.17\nBEGIN_DATA_FORMAT\n" + fields
                    + "\nEND_DATA_FORMAT\nBEGIN_DATA\n" + values + "\nEND_DATA\n"));
            assertThat(file.isPercent()).isTrue();
            assertThat(file.samples().getFirst().spectrum()).contains(Spectrum.flat(0.425));
        }

        @Test
        void spectraWinOverStoredLab() {
            Sample sample = new Sample("x", "", Optional.of(Spectrum.flat(0.5)), Optional.of(new Lab(10, 0, 0)));
            assertThat(sample.seen().lightness()).isCloseTo(76.07, Offset.offset(0.01));
        }

        @Test
        void aListByHexOrLab() {
            assertThat(ColourTable.read(bytes("name,hex\nOat,#e6dece\n"))
                            .samples()
                            .getFirst()
                            .screen())
                    .contains(Srgb.ofHex("#e6dece"));
            assertThat(ColourTable.read(bytes("name,l,a,b\nOat,88,1,9\n"))
                            .samples()
                            .getFirst()
                            .lab())
                    .contains(new Lab(88, 1, 9));
        }
    }

    @Nested
    class Hostile {
        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "'' | Line 1: the file is empty.",
                    "CGATS.17 | There is no BEGIN_DATA … END_DATA in it.",
                    "BEGIN_DATA 1 END_DATA | Line 1: data before its BEGIN_DATA_FORMAT … END_DATA_FORMAT.",
                    "BEGIN_DATA_FORMAT LAB_L | Line 1: END_DATA_FORMAT is missing.",
                    "BEGIN_DATA_FORMAT LAB_L END_DATA_FORMAT BEGIN_DATA 1 END_DATA | neither reflectances from 400 to 700 nm nor LAB_L",
                    "BEGIN_DATA_FORMAT LAB_L LAB_A LAB_B END_DATA_FORMAT BEGIN_DATA 1 2 END_DATA | Line 1: a row has 2 values for 3 fields.",
                    "BEGIN_DATA_FORMAT LAB_L LAB_A LAB_B END_DATA_FORMAT BEGIN_DATA 1 2 x END_DATA | Line 1: “x” is no number.",
                    "BEGIN_DATA_FORMAT LAB_L LAB_A LAB_B END_DATA_FORMAT BEGIN_DATA 1 2 1e400 END_DATA | “1e400” is no number",
                    "BEGIN_DATA_FORMAT \"LAB_L | Line 1: a quote is not closed."
                })
        void cgatsIsRefusedInASentence(String file, String sentence) {
            assertThatThrownBy(() -> Cgats.read(bytes(file)))
                    .isInstanceOf(BadFileException.class)
                    .hasMessageContaining(sentence);
        }

        @Test
        void externalEntitiesAreNotFollowed() {
            String xxe = "<?xml version=\"1.0\"?><!DOCTYPE CxF [<!ENTITY x SYSTEM \"file:///etc/passwd\">]>"
                    + "<CxF><Resources><ObjectCollection><Object Name=\"a\"><ColorValues><ReflectanceSpectrum>&x;</ReflectanceSpectrum>"
                    + "</ColorValues></Object></ObjectCollection></Resources></CxF>";
            assertThatThrownBy(() -> Cxf.read(bytes(xxe))).isInstanceOf(BadFileException.class);
        }

        @Test
        @Timeout(5)
        void aBillionLaughsAreNotLaughed() {
            StringBuilder lol = new StringBuilder("<?xml version=\"1.0\"?><!DOCTYPE CxF [<!ENTITY l0 \"lol\">");
            for (int n = 1; n < 10; n++) {
                lol.append("<!ENTITY l")
                        .append(n)
                        .append(" \"")
                        .append(("&l" + (n - 1) + ";").repeat(10))
                        .append("\">");
            }
            lol.append("]><CxF><Object Name=\"&l9;\"/></CxF>");
            assertThatThrownBy(() -> Cxf.read(bytes(lol.toString()))).isInstanceOf(BadFileException.class);
        }

        @Test
        @Timeout(5)
        void bombsOfDepthAndLengthAreRefused() {
            assertThatThrownBy(() -> Cxf.read(bytes("<CxF>" + "<a>".repeat(100_000))))
                    .isInstanceOf(BadFileException.class)
                    .hasMessageContaining("nested deeper");
            assertThatThrownBy(() -> Cxf.read(bytes("<CxF><Object><ReflectanceSpectrum>" + "1 ".repeat(50_000)
                            + "</ReflectanceSpectrum></Object></CxF>")))
                    .hasMessageContaining("longer than");
            assertThatThrownBy(() -> Cgats.read(bytes("A".repeat(1000)))).hasMessageContaining("longer than 500");
        }

        @Test
        void wrongEncodingsAreRefused() {
            assertThatThrownBy(() -> Cgats.read(new byte[] {(byte) 0xC3, (byte) 0x28}))
                    .hasMessageContaining("UTF-8");
            assertThatThrownBy(() -> Cgats.read("CGATS.17".getBytes(StandardCharsets.UTF_16)))
                    .isInstanceOf(BadFileException.class);
        }

        @Test
        void otherXmlIsNoCxf() {
            assertThatThrownBy(() -> Cxf.read(bytes("<html/>"))).hasMessage("Line 1: this is XML, but no CxF.");
            assertThatThrownBy(() -> Cxf.read(bytes("<CxF><Object>"))).isInstanceOf(BadFileException.class);
        }

        /** Whatever is done to a good file, it is read or refused in a sentence: nothing else happens. */
        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
        @Timeout(60)
        void brokenInAnyWayItIsReadOrRefused(long seed) {
            Random random = new Random(seed);
            byte[][] good = {bytes(Cgats.write(samples())), Cxf.write(samples()), bytes(ColourTable.write(samples()))};
            for (int n = 0; n < 400; n++) {
                byte[] file = good[n % 3].clone();
                int cut = random.nextInt(4) == 0 ? random.nextInt(file.length) : file.length;
                byte[] broken = java.util.Arrays.copyOf(file, cut);
                for (int hit = random.nextInt(6); hit > 0 && cut > 0; hit--) {
                    broken[random.nextInt(cut)] = (byte) random.nextInt(256);
                }
                int which = n % 3;
                try {
                    ColourFile read =
                            which == 0 ? Cgats.read(broken) : which == 1 ? Cxf.read(broken) : ColourTable.read(broken);
                    assertThat(read.samples()).hasSizeLessThanOrEqualTo(4);
                } catch (BadFileException refused) {
                    assertThat(refused.getMessage()).isNotBlank().endsWith(".");
                }
            }
        }
    }
}
