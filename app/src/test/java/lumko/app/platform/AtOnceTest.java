package lumko.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardEngine;
import org.apache.catalina.valves.ValveBase;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Two pages and one file at once; each is worked on until the test lets it go. */
class AtOnceTest {
    private final BlockingQueue<String> under = new LinkedBlockingQueue<>();
    private final CountDownLatch letGo = new CountDownLatch(1);
    private final AtOnce pages = AtOnce.ofPages(2);
    private final AtOnce files = AtOnce.ofFiles(1);
    private final List<Thread> people = new ArrayList<>();

    private final class Work extends ValveBase {
        Work() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response) {
            under.add(String.valueOf(request.getRequestURI()));
            try {
                letGo.await();
            } catch (InterruptedException stopped) {
                throw new IllegalStateException(stopped);
            }
        }
    }

    @BeforeEach
    void open() throws LifecycleException {
        pages.setContainer(new StandardEngine());
        files.setContainer(new StandardEngine());
        pages.setNext(files);
        files.setNext(new Work());
        pages.start();
        files.start();
    }

    private void ask(@Nullable String path, String contentType) {
        var raw = new org.apache.coyote.Request();
        if (path != null) {
            raw.requestURI().setString(path);
        }
        raw.getMimeHeaders().addValue("content-type").setString(contentType);
        Connector connector = new Connector();
        connector.setParseBodyMethods("POST");
        Request request = new Request(connector, raw);
        people.add(Thread.startVirtualThread(() -> {
            try {
                pages.invoke(request, new Response(new org.apache.coyote.Response()));
            } catch (IOException | ServletException problem) {
                throw new IllegalStateException(problem);
            }
        }));
    }

    private List<String> underWay(int expected) throws InterruptedException {
        List<String> found = new ArrayList<>();
        for (int n = 0; n < expected; n++) {
            found.add(String.valueOf(under.poll(10, TimeUnit.SECONDS)));
        }
        assertThat(under.poll(200, TimeUnit.MILLISECONDS)).isNull();
        return found;
    }

    @AfterEach
    void everybodyGetsTheirTurn() throws InterruptedException {
        letGo.countDown();
        for (Thread person : people) {
            assertThat(person.join(Duration.ofSeconds(10))).isTrue();
        }
    }

    @Test
    void whoComesLaterWaits() throws InterruptedException {
        for (int n = 0; n < 5; n++) {
            ask("/store", "application/x-www-form-urlencoded");
        }
        assertThat(underWay(2)).containsOnly("/store");
    }

    @Test
    void whatIsNoRequestAtAllIsPassedOn() throws InterruptedException {
        ask(null, "");
        assertThat(underWay(1)).containsExactly("null");
    }

    @Test
    void aFileOnASlowLineHoldsUpNoPageNorAPageTheWordThatItIsAlive() throws InterruptedException {
        ask("/readings/1/photo", "multipart/form-data; boundary=x");
        ask("/readings/2/photo", "multipart/form-data; boundary=x");
        ask("/exchange/lumko-record.zip", "");
        ask("/sheets/1/lumko-sheet.pdf", "");
        assertThat(underWay(1)).hasSize(1);
        ask("/", "");
        ask("/store", "");
        ask("/find", "");
        assertThat(underWay(2)).hasSize(2);
        ask("/actuator/health", "");
        ask("/v-0a1b/css/app.css", "");
        assertThat(underWay(2)).containsExactlyInAnyOrder("/actuator/health", "/v-0a1b/css/app.css");
    }
}
