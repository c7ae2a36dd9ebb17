package lumko.app.platform;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import lumko.core.quantity.OutOfRangeException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Where requests come in and answers go out: the words every page needs, and calm pages for what goes wrong. */
@ControllerAdvice
class Edge {
    private final Speaker speaker;
    private final Assets assets;
    private final Clock clock;

    Edge(Speaker speaker, Assets assets, Clock clock) {
        this.speaker = speaker;
        this.assets = assets;
        this.clock = clock;
    }

    @ModelAttribute("say")
    Words words() {
        return speaker.words();
    }

    /** Where scripts and styles are. */
    @ModelAttribute("assets")
    String assets() {
        return assets.root();
    }

    @ModelAttribute("today")
    LocalDate today() {
        return speaker.today();
    }

    @ModelAttribute("now")
    Instant now() {
        return clock.instant();
    }

    /** Unknown and foreign ids, malformed ids and unknown paths all look the same from outside. */
    @ExceptionHandler({
        NotFoundException.class,
        MethodArgumentTypeMismatchException.class,
        NoResourceFoundException.class,
        HttpRequestMethodNotSupportedException.class
    })
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String notFound(Model model, HttpServletRequest request) {
        return page(model, request, "problem.notFound", speaker.words().say("problem.notFound.text"));
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.FORBIDDEN)
    String notAllowed(NotAllowedException refused, Model model, HttpServletRequest request) {
        return page(model, request, "problem.notAllowed", refused.sentence(speaker.words()));
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.CONFLICT)
    String notNow(NotNowException refused, Model model, HttpServletRequest request) {
        return page(model, request, "problem.notNow", refused.sentence(speaker.words()));
    }

    @ExceptionHandler({
        ChangedMeanwhileException.class,
        OptimisticLockingFailureException.class,
        DataIntegrityViolationException.class
    })
    @ResponseStatus(HttpStatus.CONFLICT)
    String changed(Model model, HttpServletRequest request) {
        return page(model, request, "problem.changed", speaker.words().say("problem.changed.text"));
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String badInput(BadInputException refused, Model model, HttpServletRequest request) {
        return page(
                model, request, "problem.input", String.join(" ", refused.form().sentences()));
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String outOfRange(OutOfRangeException refused, Model model, HttpServletRequest request) {
        return page(model, request, "problem.input", speaker.words().refusal(refused));
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String untypable(PlainInput.UntypableException refused, Model model, HttpServletRequest request) {
        return page(model, request, "problem.input", refused.sentence(speaker.words()));
    }

    @ExceptionHandler({MultipartException.class, MissingServletRequestPartException.class})
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String upload(Model model, HttpServletRequest request) {
        return page(model, request, "problem.input", speaker.words().say("refused.upload"));
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String upload(UploadRefusedException refused, Model model, HttpServletRequest request) {
        return page(model, request, "problem.input", refused.sentence());
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String missing(MissingServletRequestParameterException missing, Model model, HttpServletRequest request) {
        return page(model, request, "problem.input", speaker.words().say("refused.empty", missing.getParameterName()));
    }

    private String page(Model model, HttpServletRequest request, String title, String sentence) {
        model.addAttribute("say", speaker.words());
        model.addAttribute("assets", assets.root());
        model.addAttribute("problem", title);
        model.addAttribute("sentence", sentence);
        boolean fragment = "true".equals(request.getHeader("HX-Request"));
        return fragment ? "problem :: notice" : "problem";
    }
}
