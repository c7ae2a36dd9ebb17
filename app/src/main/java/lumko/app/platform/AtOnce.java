package lumko.app.platform;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.SemaphoreValve;
import org.springframework.http.MediaType;

/**
 * Requests that are worked on at the same time are so many; who comes later waits, first come first served. All at once they
 * would all be done last, and fight for the connections to the database, of which a request holds up to two: one for its work
 * and one for its session. Threads do not limit them, since each request has a virtual one.
 *
 * <p>A turn is for work, not for waiting on somebody's line: what was typed is here before a page's turn begins, what goes out
 * as a page fits into what the system sends by itself, and files, which do not, take turns among themselves.
 */
final class AtOnce extends SemaphoreValve {
    /** Scripts, styles and fonts, and whether it is alive: neither takes work, and the answer to the latter is never late. */
    private static final Pattern AT_ANY_TIME = Pattern.compile("/(v-[0-9a-f]+|actuator)/.*");

    private static final Pattern FILE = Pattern.compile(".*\\.[a-z0-9]+");

    private final Predicate<Request> takesTurns;

    private AtOnce(int atOnce, Predicate<Request> takesTurns) {
        this.takesTurns = takesTurns;
        setConcurrency(atOnce);
        setFairness(true);
    }

    /** Pages and what is done on them. */
    static AtOnce ofPages(int atOnce) {
        return new AtOnce(atOnce, request -> !isOfFile(request));
    }

    /** Files on their way in or out, which take as long as the line of whoever sends or gets them does. */
    static AtOnce ofFiles(int atOnce) {
        return new AtOnce(atOnce, AtOnce::isOfFile);
    }

    private static boolean isOfFile(Request request) {
        return isUpload(request) || FILE.matcher(address(request)).matches();
    }

    private static boolean isUpload(Request request) {
        String type = request.getContentType();
        return type != null && type.toLowerCase(Locale.ROOT).startsWith(MediaType.MULTIPART_FORM_DATA_VALUE);
    }

    /** What cannot be read as a request at all has no address, and is refused further on. */
    private static String address(Request request) {
        return Optional.ofNullable(request.getRequestURI()).orElse("");
    }

    @Override
    public boolean controlConcurrency(Request request, Response response) {
        if (AT_ANY_TIME.matcher(address(request)).matches() || !takesTurns.test(request)) {
            return false;
        }
        if (!isUpload(request)) {
            awaitWhatWasTyped(request);
        }
        return true;
    }

    /** Reads the fields of a form as the pages are going to. */
    private static void awaitWhatWasTyped(Request request) {
        try {
            if (request.getCharacterEncoding() == null) {
                request.setCharacterEncoding(StandardCharsets.UTF_8);
            }
            request.getParameterMap();
        } catch (IllegalStateException unreadable) {
            // it has no fields then, and is refused by whoever looks for them
        }
    }
}
