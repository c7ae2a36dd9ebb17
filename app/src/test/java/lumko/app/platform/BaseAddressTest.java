package lumko.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

class BaseAddressTest {
    @BeforeEach
    void asked() {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", "/sheets/7/lumko-sheet.pdf");
        request.setServerName("somebody.elses.example");
        RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(request));
    }

    @AfterEach
    void forget() {
        RequestContextHolder.resetRequestAttributes();
    }

    @Test
    void whatStandsOnPaperIsWhatWasSetWhoeverAsksAsWhat() {
        assertThat(new BaseAddress("https://lumko.example/").of("/sheets/7"))
                .isEqualTo("https://lumko.example/sheets/7");
    }

    @Test
    void withoutASettingItIsWhatWasAskedFor() {
        assertThat(new BaseAddress("").of("/sheets/7")).isEqualTo("http://somebody.elses.example/sheets/7");
    }
}
