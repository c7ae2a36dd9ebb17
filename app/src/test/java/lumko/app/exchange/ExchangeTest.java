package lumko.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.catalogue.Colour;
import lumko.app.formats.ColourFile;
import lumko.app.formats.Sample;
import lumko.app.store.Store;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class ExchangeTest extends ApplicationTest {
    @Autowired
    Store store;

    private MvcTestResult send(Member member, String content) {
        return mvc.post()
                .multipart()
                .uri("/exchange")
                .file(new MockMultipartFile("file", "colours", "text/plain", content.getBytes(StandardCharsets.UTF_8)))
                .with(user(member))
                .with(csrf())
                .exchange();
    }

    private Optional<Colour> colour(String name) {
        return asLead(paints::book).coloursByName().stream()
                .filter(each -> each.name().equals(name))
                .findFirst();
    }

    @Test
    void newColoursAreAddedAndMeasuredOnesStay() {
        Colour before = colour("Oat Husk").orElseThrow();
        assertThat(send(member("jonas"), "name,code,hex\nLinen Quay,LQ-1,#e0dccd\nOat Husk,,#000000\n"))
                .hasStatusOk()
                .bodyText()
                .contains("1 added, 0 measured by the file, 1 left alone", "Linen Quay");
        assertThat(colour("Linen Quay").orElseThrow().isApproximate()).isTrue();
        assertThat(colour("Oat Husk")).contains(before);
    }

    @Test
    void aBrokenFileChangesNothingAndSaysWhere() {
        assertThat(send(member("jonas"), "name,hex\nGood One,#e0dccd\nBad One,red\n"))
                .hasStatus(422)
                .bodyText()
                .contains("Line 3: a screen colour is written #rrggbb");
        assertThat(colour("Good One")).isEmpty();
    }

    @Test
    void theOfficeReadsOnly() {
        assertThat(send(member("tobias"), "name,hex\nOffice Grey,#e0dccd\n")).hasStatus(403);
        assertThat(colour("Office Grey")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "surfaces.csv | house,flat,room_kind,surface_kind,surface_id,maker,product,colour",
                "surfaces.json | \"house\":\"Ropewalk Court\"",
                "tins.csv | 0401,Umberfield,Hearth Matt,Oat Husk,AT-11",
                "tins.json | \"label\":\"0401\""
            })
    void theRecordGoesOutAsTables(String file, String content) {
        assertThat(mvc.get().uri("/exchange/lumko-" + file).with(user(member("tobias"))))
                .hasStatusOk()
                .bodyText()
                .contains(content);
        assertThat(mvc.get().uri("/exchange/lumko-" + file).with(user(stranger())))
                .hasStatusOk()
                .bodyText()
                .doesNotContain("Ropewalk", "0401");
    }

    @Test
    void everythingGoesOutAndComesBackTheSame() throws Exception {
        byte[] cxf = mvc.get()
                .uri("/exchange/lumko-colours.cxf")
                .with(user(member("tobias")))
                .exchange()
                .getResponse()
                .getContentAsByteArray();
        List<Sample> out = ColourFile.read(cxf).samples();
        assertThat(out).extracting(Sample::name).contains("Oat Husk", "Kelp Cellar");
        assertThat(out.stream()
                        .filter(sample -> sample.name().equals("Oat Husk"))
                        .findFirst()
                        .orElseThrow()
                        .spectrum())
                .isEqualTo(colour("Oat Husk").orElseThrow().measured());
        assertThat(mvc.get().uri("/exchange/lumko-colours.cgats").with(user(stranger())))
                .bodyText()
                .doesNotContain("Oat Husk");
    }
}
