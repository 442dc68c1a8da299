package glowkettle.app.isolation;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The store on one page. */
@Controller
class IsolationController {
    private final Containers containers;

    IsolationController(Containers containers) {
        this.containers = containers;
    }

    @GetMapping("/isolation")
    String store(Model model) {
        model.addAttribute("containers", containers.all());
        return "isolation";
    }
}
