package glowkettle.app.arrive;

import glowkettle.app.binding.Attempt;
import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FormTree;
import glowkettle.app.binding.Forms;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.library.ModelLibrary;
import glowkettle.app.limits.LimitsBook;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.web.TypedMoment;
import glowkettle.arrive.OpenedBefore;
import glowkettle.arrive.Symptom;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.order.OrderOfWork;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;

/** Takes a device in. */
@Controller
class ArriveController {
    private static final String KIND = "job-opened";

    private final JournalBook journal;
    private final ModelLibrary models;
    private final LimitsBook limits;
    private final ShopBook shop;
    private final PromiseGate promises;
    private final InstantSource clock;

    ArriveController(
            JournalBook journal,
            ModelLibrary models,
            LimitsBook limits,
            ShopBook shop,
            PromiseGate promises,
            InstantSource clock) {
        this.promises = promises;
        this.journal = journal;
        this.models = models;
        this.limits = limits;
        this.shop = shop;
        this.clock = clock;
    }

    @GetMapping("/jobs/new")
    String form(Model model) {
        return page(Attempt.NONE, model);
    }

    @PostMapping("/jobs/new")
    String open(HttpServletRequest request, HttpServletResponse response, Model model) {
        Map<String, String[]> typed = Forms.typed(request);
        List<Fault> faults = new ArrayList<>();
        findModelByCode(typed, faults);
        typed.put("limitsVersion", new String[] {String.valueOf(limits.newestVersion())});
        typed.computeIfPresent(
                "promise", (name, said) -> new String[] {TypedMoment.iso(said[0], true, clock.instant(), shop.zone())});
        Bound<ArriveEntry.JobOpened> bound = Binder.form(ArriveEntry.JobOpened.class, FormTree.of(typed), shop.zone());
        boolean codeKnown = faults.isEmpty();
        faults.addAll(bound.faults());
        if (bound.isGood() && codeKnown && models.find(bound.get().modelId()).isEmpty()) {
            faults.add(new Fault(
                    "modelId",
                    "'%s' is not in the library".formatted(bound.get().modelId())));
        }
        if (bound.isGood() && bound.get().promise() != null) {
            promiseFault(bound.get(), first(typed, "promise")).ifPresent(faults::add);
        }
        if (!faults.isEmpty()) {
            response.setStatus(422);
            return page(new Attempt(KIND, typed, faults, List.of()), model);
        }
        return "redirect:/jobs/" + journal.open(bound.get(), Forms.id(request), Forms.by(request));
    }

    /** Nobody has promised it yet, so that a date the plan cannot keep is not taken at all. */
    private Optional<Fault> promiseFault(ArriveEntry.JobOpened opened, String typed) {
        Instant promise = Objects.requireNonNull(opened.promise());
        if (!promise.isAfter(clock.instant())) {
            return Optional.of(
                    new Fault("promise", "%s has passed; a promise lies ahead, or is left empty.".formatted(typed)));
        }
        return models.find(opened.modelId())
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

    private String page(Attempt attempt, Model model) {
        model.addAttribute("attempt", attempt);
        model.addAttribute("models", models.all());
        model.addAttribute("symptoms", Symptom.values());
        model.addAttribute("openedBefore", OpenedBefore.values());
        return "arrive/new";
    }

    /** A code finds its model when none was tapped. */
    private void findModelByCode(Map<String, String[]> typed, List<Fault> faults) {
        String code = first(typed, "modelCode");
        if (!first(typed, "modelId").isBlank() || code.isBlank()) {
            return;
        }
        models.findByCode(code).ifPresentOrElse(model -> typed.put("modelId", new String[] {model.id()}), () -> {
            // The code's own fault is enough; that no model was tapped says nothing more.
            typed.put("modelId", new String[] {code});
            faults.add(new Fault(
                    "modelCode",
                    "No model carries the code '%s'. Check it on the underside, or take the generic family that fits."
                            .formatted(code.strip())));
        });
    }

    private static String first(Map<String, String[]> typed, String field) {
        String[] values = typed.get(field);
        return values == null || values.length == 0 ? "" : values[0];
    }
}
