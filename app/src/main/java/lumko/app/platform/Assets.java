package lumko.app.platform;

import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HexFormat;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/**
 * Scripts, styles and fonts under an address that changes whenever one of them does, so that a browser may keep them for good.
 * Scripts that import each other by relative addresses stay together under it.
 */
@Component
public class Assets {
    /** What everybody may read, whatever they ask for under it. */
    public static final String ANY = "/v-*/**";

    private final String root;

    Assets() throws IOException {
        Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:/static/*/**");
        Arrays.sort(files, Comparator.comparing(Assets::address));
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (Resource file : files) {
                if (file.isReadable()) {
                    digest.update(file.getContentAsByteArray());
                }
            }
            root = "/v-" + HexFormat.of().formatHex(digest.digest(), 0, 8);
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }

    private static String address(Resource file) {
        try {
            return file.getURL().toString();
        } catch (IOException none) {
            return "";
        }
    }

    /** Goes before the path of a file. */
    String root() {
        return root;
    }
}
