package lumko.app.platform;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.SemaphoreValve;
import org.springframework.http.MediaType;

/**
 * Requests that are worked on at the same time are so many; who comes later waits, first come first served. All at once they
 * would all be done last, and fight for the connections to the database, of which a request holds up to two: one for its work
 * and one for its session. Threads do not limit them, since each request has a virtual one.
 */
final class AtOnce extends SemaphoreValve {
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
        String type = request.getContentType();
        return isBelow("/exchange/", request)
                || (type != null && type.toLowerCase(Locale.ROOT).startsWith(MediaType.MULTIPART_FORM_DATA_VALUE));
    }

    /** Whether it is alive is answered at any time. */
    @Override
    public boolean controlConcurrency(Request request, Response response) {
        return !isBelow("/actuator/", request) && takesTurns.test(request);
    }

    /** What cannot be read as a request at all has no address, and is refused further on. */
    private static boolean isBelow(String path, Request request) {
        return Optional.ofNullable(request.getRequestURI())
                .filter(address -> address.startsWith(path))
                .isPresent();
    }
}
