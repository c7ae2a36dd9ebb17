package lumko.app.front;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The first page: every house as its façade, and what needs a hand. */
@Controller
class FrontController {
    private final FrontDesk desk;

    FrontController(FrontDesk desk) {
        this.desk = desk;
    }

    @GetMapping("/")
    String front(@RequestParam Optional<UUID> house, Model model) {
        model.addAttribute("front", desk.front(house));
        return "front";
    }
}
