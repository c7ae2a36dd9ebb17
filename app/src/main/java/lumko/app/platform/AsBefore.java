package lumko.app.platform;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.Serializable;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.support.RequestContextUtils;

/**
 * Offers to take a correction back. A page sends what stood in the fields before along with what was typed (“was-…”); once it is
 * taken, the next page has a button that sends that again to the same place, where it is judged like anything else. Whoever changed
 * the same meanwhile is seen by its version.
 */
@Component
class AsBefore implements HandlerInterceptor {
    private static final String WAS = "was-";
    private static final String VERSION = "version";
    private static final int MOST_FIELDS = 40;

    /** A field of the form that puts something back. */
    record Sent(String name, String value) implements Serializable {}

    /**
     * The form that puts something back as it was before.
     *
     * @param path where it is sent
     */
    record Back(String path, ArrayList<Sent> fields) implements Serializable {}

    @Override
    public void postHandle(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView page) {
        if (page == null
                || !request.getMethod().equals("POST")
                || page.getViewName() == null
                || !page.getViewName().startsWith("redirect:")
                || RequestContextUtils.getOutputFlashMap(request).containsKey("refused")) {
            return;
        }
        Map<Boolean, List<Sent>> sent = request.getParameterMap().entrySet().stream()
                .filter(field ->
                        !field.getKey().startsWith("_") && !field.getKey().equals(VERSION))
                .flatMap(field -> Stream.of(field.getValue()).map(value -> new Sent(field.getKey(), value)))
                .collect(Collectors.partitioningBy(field -> field.name().startsWith(WAS)));
        List<Sent> before = sent.getOrDefault(true, List.of()).stream()
                .map(field -> new Sent(field.name().substring(WAS.length()), field.value()))
                .toList();
        List<Sent> typed = sent.getOrDefault(false, List.of());
        if (before.isEmpty() || before.size() + typed.size() > MOST_FIELDS || isSame(before, typed)) {
            return;
        }
        ArrayList<Sent> fields = new ArrayList<>(before);
        typed.forEach(now -> fields.add(new Sent(WAS + now.name(), now.value())));
        // what was taken has a version of its own by now
        Plain.number(Optional.ofNullable(request.getParameter(VERSION)).orElse(""))
                .ifPresent(seen -> fields.add(new Sent(VERSION, String.valueOf((int) seen + 1))));
        RequestContextUtils.getOutputFlashMap(request).put("asBefore", new Back(request.getRequestURI(), fields));
    }

    private static boolean isSame(List<Sent> before, List<Sent> typed) {
        return before.size() == typed.size() && before.containsAll(typed);
    }
}
