package glowkettle.app.settings;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.Taken;
import glowkettle.app.limits.LimitsBook;
import glowkettle.finding.AppliedLimit;
import glowkettle.limits.Limit;
import glowkettle.limits.LimitChange;
import glowkettle.limits.LimitSpec;
import glowkettle.limits.LimitTable;
import glowkettle.limits.ShopLimits;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** The shop limits: read by everybody, changed by a lead, each change a version that can be compared and restored. */
@Controller
class LimitsController {
    private static final String KIND = "limits";

    private final LimitsBook limits;
    private final InstantSource clock;

    LimitsController(LimitsBook limits, InstantSource clock) {
        this.limits = limits;
        this.clock = clock;
    }

    /** A limit in the table. */
    public record LimitRow(LimitSpec spec, AppliedLimit applied) {
        public boolean isUnlikeItsDefault() {
            return applied.value().compareTo(spec.byDefault()) != 0;
        }

        public String stricterWords() {
            return switch (spec.stricter()) {
                case LOWER -> "stricter when lower";
                case HIGHER -> "stricter when higher";
                case NONE -> "protects nobody";
            };
        }
    }

    /** The newest version, chapter by chapter, and every version there was. */
    public record LimitsView(
            LimitsBook.Version version, List<LimitsBook.Version> versions, List<LimitChapter> chapters) {
        public List<LimitTable> tables() {
            return List.of(LimitTable.values());
        }
    }

    /** The limits of one chapter, at a place of the page that can be linked to. */
    public record LimitChapter(String words, List<LimitRow> rows) {
        public String id() {
            return "limits-" + words.toLowerCase(Locale.ROOT).replace(' ', '-');
        }
    }

    /** Two versions, and the number of the newest one. */
    public record CompareView(
            LimitsBook.Version before,
            LimitsBook.Version after,
            List<LimitChange> changes,
            List<LimitTable> tables,
            int newest) {}

    @GetMapping("/limits")
    String limits(Model model) {
        return page(FilledForm.NONE, model);
    }

    @PostMapping("/limits")
    String change(FormPost post, Model model) {
        LimitsBook.Version newest = limits.newest();
        LimitsForm form = LimitsForm.read(newest.limits(), post.typed());
        return save(form.limits(), form.faults(), newest, post, model);
    }

    @PostMapping("/limits/restore")
    String restore(@RequestParam int version, FormPost post, Model model) {
        return save(known(version).limits(), List.of(), limits.newest(), post, model);
    }

    private String save(
            ShopLimits wanted, List<Fault> typedFaults, LimitsBook.Version newest, FormPost post, Model model) {
        String why = post.first("why").strip();
        List<Fault> faults = LimitsForm.faults(newest.limits(), wanted, why, typedFaults);
        return post.answer(KIND, save(wanted, faults, newest, why, post), filled -> page(filled, model));
    }

    private Taken save(ShopLimits wanted, List<Fault> faults, LimitsBook.Version newest, String why, FormPost post) {
        if (!String.valueOf(newest.limits().version()).equals(post.first("seen"))) {
            List<Fault> stale = new ArrayList<>(faults);
            stale.add(new Fault(
                    "",
                    "Version %s was saved meanwhile by %s. Look at it, then send yours again."
                            .formatted(newest.limits().version(), newest.by())));
            return new Taken.Stale(stale, List.of());
        }
        if (!faults.isEmpty()) {
            return new Taken.Refused(faults);
        }
        int before = newest.limits().version();
        return limits.save(
                        wanted,
                        before,
                        post.by(),
                        why.isEmpty() ? "stricter, or of no weight for safety" : why,
                        clock.instant().truncatedTo(ChronoUnit.MILLIS))
                .<Taken>map(saved -> new Taken.On("/limits/compare?from=%s&to=%s".formatted(before, saved)))
                .orElseGet(() -> Taken.refused(
                        "", "Somebody saved a version at the same moment. Look at it, then send yours again."));
    }

    @GetMapping("/limits/compare")
    String compare(@RequestParam int from, @RequestParam int to, Model model) {
        LimitsBook.Version before = known(from);
        LimitsBook.Version after = known(to);
        model.addAttribute(
                "view",
                new CompareView(
                        before,
                        after,
                        LimitChange.between(before.limits(), after.limits()),
                        after.limits().tablesUnlike(before.limits()),
                        limits.newest().limits().version()));
        return "settings/compare";
    }

    private LimitsBook.Version known(int version) {
        return limits.all().stream()
                .filter(one -> one.limits().version() == version)
                .findFirst()
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private String page(FilledForm filled, Model model) {
        LimitsBook.Version version = limits.newest();
        Map<String, List<LimitRow>> chapters = new LinkedHashMap<>();
        for (Limit limit : Limit.values()) {
            LimitSpec spec = ShopLimits.spec(limit);
            chapters.computeIfAbsent(spec.chapter(), chapter -> new ArrayList<>())
                    .add(new LimitRow(spec, version.limits().applied(limit)));
        }
        model.addAttribute("filled", filled);
        model.addAttribute(
                "view",
                new LimitsView(
                        version,
                        limits.all(),
                        chapters.entrySet().stream()
                                .map(chapter -> new LimitChapter(chapter.getKey(), chapter.getValue()))
                                .toList()));
        return "settings/limits";
    }
}
