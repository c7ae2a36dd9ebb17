package lumko.app.walk;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.HandlerMapping;

/**
 * Somebody else was there first: what they did is shown, what was sent is named and can be sent again. It is made before the first
 * page of a start, the walk only when it is walked.
 */
@Order(Ordered.HIGHEST_PRECEDENCE)
@ControllerAdvice(assignableTypes = {WalkController.class, DecidingController.class})
class ChangedWall {
    private final ObjectProvider<Walks> walks;
    private final ObjectProvider<WalkPage> pages;
    private final Speaker speaker;

    ChangedWall(ObjectProvider<Walks> walks, ObjectProvider<WalkPage> pages, Speaker speaker) {
        this.walks = walks;
        this.pages = pages;
        this.speaker = speaker;
    }

    @ExceptionHandler({ChangedMeanwhileException.class, OptimisticLockingFailureException.class})
    String changed(HttpServletRequest request, HttpServletResponse response, Model model) {
        Form form = Form.empty(speaker.words());
        form.refuse("version", speaker.words().say("walk.changed"));
        response.setStatus(409);
        model.addAttribute("say", speaker.words());
        model.addAttribute("today", speaker.today());
        WalkPage page = pages.getObject();
        page.show(wall(request), model, form);
        return page.isUpdate() ? "walk :: live" : "walk";
    }

    /** The wall of the address, or that of its mark. */
    private UUID wall(HttpServletRequest request) {
        Map<?, ?> named = (Map<?, ?>) request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        return Optional.ofNullable((String) named.get("wallId"))
                .map(UUID::fromString)
                .orElseGet(() -> walks.getObject().wallOf(UUID.fromString((String) named.get("markId"))));
    }
}
