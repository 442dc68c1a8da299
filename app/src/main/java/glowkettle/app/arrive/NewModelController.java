package glowkettle.app.arrive;

import glowkettle.app.binding.Attempt;
import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FormTree;
import glowkettle.app.binding.Forms;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.web.JobPages;
import glowkettle.app.web.Roles;
import glowkettle.job.arrive.ArriveChapter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** “Save as a new model”. */
@Controller
class NewModelController {
    private final NewModels models;
    private final JobPages pages;
    private final ShopBook shop;

    NewModelController(NewModels models, JobPages pages, ShopBook shop) {
        this.models = models;
        this.pages = pages;
        this.shop = shop;
    }

    @PostMapping("/jobs/{number:[0-9]{1,15}}/arrive/model")
    String keep(@PathVariable long number, HttpServletRequest request, HttpServletResponse response, Model model) {
        Map<String, String[]> typed = Forms.typed(request);
        Bound<ModelTyped> bound = Binder.form(ModelTyped.class, FormTree.of(typed), shop.zone());
        List<Fault> faults = bound.isGood()
                ? models.keep(number, bound.get(), Forms.id(request), Forms.by(request), Roles.of(request)).stream()
                        .toList()
                : bound.faults();
        if (faults.isEmpty()) {
            return "redirect:/jobs/" + number + "/arrive";
        }
        response.setStatus(422);
        return pages.draw(number, ArriveChapter.STAGE, new Attempt("model", typed, faults, List.of()), null, model);
    }
}
