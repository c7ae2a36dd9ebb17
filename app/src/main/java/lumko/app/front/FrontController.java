package lumko.app.front;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The first page: every house as its façade, and what needs a hand. */
@Controller
class FrontController {
    private final FrontDesk desk;

    FrontController(FrontDesk desk) {
        this.desk = desk;
    }

    @GetMapping("/")
    String front(Model model) {
        model.addAttribute("front", desk.front());
        return "front";
    }
}
