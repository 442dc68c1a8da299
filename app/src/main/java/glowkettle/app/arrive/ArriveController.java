package glowkettle.app.arrive;

import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.binding.Letters;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.Taken;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.library.ModelLibrary;
import glowkettle.app.limits.LimitsBook;
import glowkettle.app.shop.FirstDay;
import glowkettle.app.shop.ShopBook;
import glowkettle.arrive.OpenedBefore;
import glowkettle.arrive.Symptom;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.order.OrderOfWork;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Takes a device in. */
@Controller
class ArriveController {
    private static final String KIND = "job-opened";

    private final JournalBook journal;
    private final ModelLibrary models;
    private final LimitsBook limits;
    private final PromiseGate promises;
    private final ModelPicker picker;
    private final ShopBook shop;
    private final InTheHouse house;
    private final FirstDay day;
    private final InstantSource clock;

    ArriveController(
            JournalBook journal,
            ModelLibrary models,
            LimitsBook limits,
            PromiseGate promises,
            ModelPicker picker,
            ShopBook shop,
            InTheHouse house,
            FirstDay day,
            InstantSource clock) {
        this.day = day;
        this.house = house;
        this.picker = picker;
        this.shop = shop;
        this.promises = promises;
        this.journal = journal;
        this.models = models;
        this.limits = limits;
        this.clock = clock;
    }

    @GetMapping("/jobs/new")
    String form(HttpServletRequest request, Model model) {
        if (!day.knowsWhomToCall() && request.isUserInRole("LEAD")) {
            return "redirect:/first-day";
        }
        return page(FilledForm.NONE, model);
    }

    @PostMapping("/jobs/new")
    String open(FormPost post, Model model) {
        List<Fault> faults = new ArrayList<>(picker.settle(post).stream().toList());
        String promised = post.first("promise");
        post.typed().put("limitsVersion", new String[] {String.valueOf(limits.newestVersion())});
        Bound<ArriveEntry.JobOpened> bound = post.read(ArriveEntry.JobOpened.class);
        if (bound.isGood()) {
            faults.addAll(faults(bound.get(), promised, faults.isEmpty()));
        }
        return post.answer(
                KIND,
                bound,
                faults,
                opened -> new Taken.On("/jobs/" + journal.open(opened, post.id(), post.by())),
                filled -> page(filled, model));
    }

    private List<Fault> faults(ArriveEntry.JobOpened opened, String promised, boolean codeKnown) {
        List<Fault> faults = new ArrayList<>();
        if (!day.knowsWhomToCall()) {
            faults.add(
                    new Fault(
                            "",
                            "Nobody has said yet whom to call when something burns: a lead does that first, on the first day's page."));
        }
        if (codeKnown && models.find(opened.device().modelId()).isEmpty()) {
            faults.add(new Fault(
                    "modelId",
                    "'%s' is not in the library".formatted(opened.device().modelId())));
        }
        house.fault(opened).ifPresent(faults::add);
        if (opened.promise() != null) {
            promiseFault(opened, promised).ifPresent(faults::add);
        }
        return faults;
    }

    /** Nobody has promised it yet, so that a date the plan cannot keep is not taken at all. */
    private Optional<Fault> promiseFault(ArriveEntry.JobOpened opened, String typed) {
        Instant promise = Objects.requireNonNull(opened.promise());
        if (!promise.isAfter(clock.instant())) {
            return Optional.of(
                    new Fault("promise", "'%s' has passed; a promise lies ahead, or is left empty.".formatted(typed)));
        }
        return models.find(opened.device().modelId())
                .map(model -> new JobFile(
                        0,
                        OrderOfWork.CHAPTERS,
                        JobState.fold(List.of(new Recorded(1, clock.instant(), "", opened, null))),
                        model,
                        limits.inForce(),
                        clock.instant()))
                .flatMap(job -> promises.tooEarly(job, promise))
                .map(words -> new Fault("promise", words + " Leave it empty, and promise it on the job's own page."));
    }

    /** Models for what is typed, nearest first. */
    @GetMapping("/jobs/new/models")
    String models(@RequestParam String modelCode, Model model) {
        model.addAttribute("view", picker.find(Letters.shown(modelCode)));
        return "arrive/models-found :: found(found=${view}, chosen='')";
    }

    /** What the counter may choose from, and moments that may be promised. */
    public record NewJobView(ModelPicker.Taps taps, String chosen, List<String> promises) {
        public List<Symptom> symptoms() {
            return List.of(Symptom.values());
        }

        public List<OpenedBefore> openedBefore() {
            return List.of(OpenedBefore.values());
        }
    }

    private String page(FilledForm filled, Model model) {
        model.addAttribute("filled", filled);
        String chosen = filled.value(KIND, "modelId", null);
        model.addAttribute(
                "view",
                new NewJobView(
                        picker.taps(filled.value(KIND, "modelCode", null), chosen),
                        chosen,
                        ClosingTimes.ahead(shop.shop().hours(), clock.instant())));
        return "arrive/new";
    }
}
