package lumko.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.data.autoconfigure.web.DataWebAutoConfiguration;
import org.springframework.modulith.Modulithic;

/** What the web would take from rows by itself is left out: it made every repository before the first page. */
@Modulithic
@SpringBootApplication(exclude = DataWebAutoConfiguration.class)
public class LumkoApplication {
    public static void main(String[] args) {
        SpringApplication.run(LumkoApplication.class, args);
    }
}
