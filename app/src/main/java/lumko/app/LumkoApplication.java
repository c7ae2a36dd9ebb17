package lumko.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.modulith.Modulithic;

@Modulithic
@SpringBootApplication
public class LumkoApplication {
    public static void main(String[] args) {
        SpringApplication.run(LumkoApplication.class, args);
    }
}
