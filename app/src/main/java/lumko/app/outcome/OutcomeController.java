package lumko.app.outcome;

import lumko.app.learnt.Learnt;
import lumko.app.platform.Speaker;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** How well it predicts: what was said of walls, and what was seen of them. */
@Controller
class OutcomeController {
    private final Predictions predictions;
    private final Learnt learnt;
    private final Speaker speaker;

    OutcomeController(Predictions predictions, Learnt learnt, Speaker speaker) {
        this.predictions = predictions;
        this.learnt = learnt;
        this.speaker = speaker;
    }

    @GetMapping("/outcomes")
    String show(Model model) {
        model.addAttribute(
                "view", new OutcomesView(predictions.seen(), predictions.against(), learnt.latest(), speaker.words()));
        return "outcomes";
    }
}
