package lumko.app.sheet;

import java.util.List;
import lumko.app.account.Access;
import lumko.app.figure.Figures;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.job.Pace;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Planned against ticked minutes, and the organisation's own where there are enough. */
@Controller
class MinutesController {
    private final Minutes minutes;
    private final Figures figures;
    private final Access access;
    private final Speaker speaker;

    MinutesController(Minutes minutes, Figures figures, Access access, Speaker speaker) {
        this.minutes = minutes;
        this.figures = figures;
        this.access = access;
        this.speaker = speaker;
    }

    /** A kind of step, and the figure it could set. */
    record Line(Pace pace, @Nullable Figure figure, double now, double own) {
        public boolean isOffered() {
            return pace.isOffered() && figure != null && Math.abs(own - now) > 0.005;
        }
    }

    @GetMapping("/minutes")
    String minutes(Model model) {
        Catalogue catalogue = figures.catalogue();
        model.addAttribute("lines", lines(catalogue));
        model.addAttribute("enough", catalogue.count(Figure.OWN_MINUTES_FROM));
        model.addAttribute("latest", Minutes.LATEST);
        model.addAttribute("maySet", access.member().isLead());
        return "minutes";
    }

    private List<Line> lines(Catalogue catalogue) {
        return minutes.pace().stream()
                .map(pace -> pace.figure()
                        .map(figure ->
                                new Line(pace, figure, catalogue.value(figure), pace.ownFigure(figure, catalogue)))
                        .orElseGet(() -> new Line(pace, null, 0, 0)))
                .toList();
    }

    /** Takes the median over as the organisation's own figure. */
    @PostMapping("/minutes/{kind}")
    String take(@PathVariable String kind) {
        Catalogue catalogue = figures.catalogue();
        Line line = lines(catalogue).stream()
                .filter(each -> each.pace().kind().name().equals(kind) && each.isOffered())
                .findFirst()
                .orElseThrow(NotFoundException::new);
        figures.set(
                java.util.Objects.requireNonNull(line.figure()),
                Math.round(line.own() * 100) / 100.0,
                speaker.words().say("minutes.why", line.pace().count()));
        return "redirect:/minutes";
    }
}
