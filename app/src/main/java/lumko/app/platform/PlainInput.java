package lumko.app.platform;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;

/** Refuses what no keyboard sends, in whatever field, before anything else looks at it. */
@Component
class PlainInput implements HandlerInterceptor {
    /** Something was sent that cannot be typed. */
    static final class UntypableException extends RuntimeException {
        private final String field;
        private final int point;

        UntypableException(String field, int point) {
            super(field);
            this.field = field;
            this.point = point;
        }

        String sentence(Words words) {
            return words.say("refused.untypable", Plain.quoted(field), "U+%04X".formatted(point));
        }
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (request.getDispatcherType() == DispatcherType.REQUEST
                && request.getRequestURI().endsWith("/error")) {
            // where the server goes to tell of a mishap; nobody comes here by themselves
            throw new NotFoundException();
        }
        for (Map.Entry<String, String[]> parameter : request.getParameterMap().entrySet()) {
            check(parameter.getKey(), parameter.getKey());
            for (String value : parameter.getValue()) {
                check(parameter.getKey(), value);
            }
        }
        return true;
    }

    private static void check(String field, String sent) {
        sent.codePoints().filter(Plain::isSent).findFirst().ifPresent(point -> {
            throw new UntypableException(field, point);
        });
    }
}
