package glowkettle.app.arrive;

import glowkettle.app.desk.JobPages;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.HouseForms;
import glowkettle.app.form.Taken;
import glowkettle.job.arrive.ArriveChapter;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** “Save as a new model”. */
@Controller
class NewModelController implements HouseForms {
    private final NewModels models;
    private final JobPages pages;

    NewModelController(NewModels models, JobPages pages) {
        this.models = models;
        this.pages = pages;
    }

    @Override
    public Map<String, Class<? extends Record>> forms() {
        return Map.of("model", ModelTyped.class);
    }

    @PostMapping("/jobs/{number:[0-9]{1,15}}/arrive/model")
    String keep(@PathVariable long number, FormPost post, Model model) {
        return post.answer(
                "model",
                ModelTyped.class,
                named -> Taken.unless(
                        models.keep(number, named, post.id(), post.by(), post.role()), "/jobs/" + number + "/arrive"),
                filled -> pages.draw(number, ArriveChapter.STAGE, filled, null, model));
    }
}
