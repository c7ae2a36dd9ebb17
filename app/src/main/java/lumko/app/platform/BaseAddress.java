package lumko.app.platform;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/**
 * Where people reach the application, for what goes out on paper: as it is set. Without a setting as it was asked for, which only
 * whoever asks from this machine can bend.
 */
@Component
public class BaseAddress {
    private final String base;

    BaseAddress(@Value("${lumko.base}") String base) {
        this.base = base.replaceAll("/+$", "");
    }

    /** @param path begins with a slash */
    public String of(String path) {
        return (base.isEmpty()
                        ? ServletUriComponentsBuilder.fromCurrentContextPath().toUriString()
                        : base)
                + path;
    }
}
