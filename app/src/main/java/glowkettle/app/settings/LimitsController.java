package glowkettle.app.settings;

import glowkettle.app.binding.Attempt;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.Forms;
import glowkettle.app.binding.Letters;
import glowkettle.app.limits.LimitsBook;
import glowkettle.finding.AppliedLimit;
import glowkettle.limits.Limit;
import glowkettle.limits.LimitChange;
import glowkettle.limits.LimitSpec;
import glowkettle.limits.LimitTable;
import glowkettle.limits.ShopLimits;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    private static final int LONGEST_REASON = 500;

    private final LimitsBook limits;
    private final InstantSource clock;

    LimitsController(LimitsBook limits, InstantSource clock) {
        this.limits = limits;
        this.clock = clock;
    }

    /** A limit in the table. */
    public record LimitRow(LimitSpec spec, AppliedLimit applied) {}

    @GetMapping("/limits")
    String limits(Model model) {
        return page(Attempt.NONE, model);
    }

    @PostMapping("/limits")
    String change(HttpServletRequest request, HttpServletResponse response, Model model) {
        Map<String, String[]> typed = Forms.typed(request);
        LimitsBook.Version newest = limits.newest();
        LimitsForm form = LimitsForm.read(newest.limits(), typed);
        return save(form.limits(), form.faults(), newest, request, response, model);
    }

    @PostMapping("/limits/restore")
    String restore(@RequestParam int version, HttpServletRequest request, HttpServletResponse response, Model model) {
        ShopLimits old = known(version).limits();
        return save(old, List.of(), limits.newest(), request, response, model);
    }

    private String save(
            ShopLimits wanted,
            List<Fault> typedFaults,
            LimitsBook.Version newest,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        List<Fault> faults = new ArrayList<>(typedFaults);
        String why = Optional.ofNullable(request.getParameter("why")).orElse("").strip();
        List<LimitChange> changes = LimitChange.between(newest.limits(), wanted);
        if (why.length() > LONGEST_REASON || !Letters.areKept(why)) {
            faults.add(new Fault("why", "%s characters; at most %s are taken".formatted(why.length(), LONGEST_REASON)));
        }
        List<LimitTable> tables = wanted.tablesUnlike(newest.limits());
        if (faults.isEmpty() && changes.isEmpty() && tables.isEmpty()) {
            faults.add(new Fault("", "Nothing is changed by this: every limit has that value already."));
        }
        changes.stream()
                .filter(change -> change.looser() && why.isEmpty())
                .forEach(change -> faults.add(new Fault(
                        "why",
                        "“%s” gets looser, which needs a reason."
                                .formatted(change.spec().name()))));
        tables.stream()
                .filter(table -> why.isEmpty())
                .forEach(table -> faults.add(new Fault(
                        "why",
                        "“%s” has no stricter side, so that changing it needs a reason.".formatted(table.words()))));
        boolean stale = !String.valueOf(newest.limits().version()).equals(request.getParameter("seen"));
        if (stale) {
            faults.add(new Fault(
                    "",
                    "Version %s was saved meanwhile by %s. Look at it, then send yours again."
                            .formatted(newest.limits().version(), newest.by())));
        }
        if (faults.isEmpty()) {
            Optional<Integer> saved = limits.save(
                    wanted,
                    newest.limits().version(),
                    Forms.by(request),
                    why.isEmpty() ? "stricter, or of no weight for safety" : why,
                    clock.instant().truncatedTo(ChronoUnit.MILLIS));
            if (saved.isPresent()) {
                return "redirect:/limits/compare?from=%s&to=%s"
                        .formatted(newest.limits().version(), saved.get());
            }
            faults.add(
                    new Fault("", "Somebody saved a version at the same moment. Look at it, then send yours again."));
        }
        response.setStatus(stale ? 409 : 422);
        return page(new Attempt(KIND, Forms.typed(request), faults, List.of()), model);
    }

    @GetMapping("/limits/compare")
    String compare(@RequestParam int from, @RequestParam int to, Model model) {
        LimitsBook.Version before = known(from);
        LimitsBook.Version after = known(to);
        model.addAttribute("before", before);
        model.addAttribute("after", after);
        model.addAttribute("changes", LimitChange.between(before.limits(), after.limits()));
        model.addAttribute("tables", after.limits().tablesUnlike(before.limits()));
        model.addAttribute("newest", limits.newest().limits().version());
        return "settings/compare";
    }

    private LimitsBook.Version known(int version) {
        return limits.all().stream()
                .filter(one -> one.limits().version() == version)
                .findFirst()
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private String page(Attempt attempt, Model model) {
        LimitsBook.Version version = limits.newest();
        Map<String, List<LimitRow>> chapters = new LinkedHashMap<>();
        for (Limit limit : Limit.values()) {
            LimitSpec spec = ShopLimits.spec(limit);
            chapters.computeIfAbsent(spec.chapter(), chapter -> new ArrayList<>())
                    .add(new LimitRow(spec, version.limits().applied(limit)));
        }
        model.addAttribute("attempt", attempt);
        model.addAttribute("version", version);
        model.addAttribute("versions", limits.all());
        model.addAttribute("chapters", chapters);
        model.addAttribute("tables", LimitTable.values());
        return "settings/limits";
    }
}
