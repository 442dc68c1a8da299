package glowkettle.app.bench;

import glowkettle.app.shop.Shop;
import glowkettle.assess.Tier;
import glowkettle.journal.Stage;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The home page, and the pages that belong to no job. */
@Controller
class BenchController {
    private static final int MOST_JOBS = 40;

    private final BenchMapper bench;
    private final InstantSource clock;

    BenchController(BenchMapper bench, InstantSource clock) {
        this.bench = bench;
        this.clock = clock;
    }

    /** Jobs that wait for the same. */
    public record Group(String name, boolean waits, List<BenchMapper.BenchJob> jobs) {}

    @GetMapping("/")
    String bench(@RequestParam(required = false) @Nullable String find, Model model) {
        String text = find == null ? "" : find.strip();
        List<BenchMapper.BenchJob> jobs = text.isEmpty()
                ? bench.open(Shop.ID, MOST_JOBS)
                : bench.find(Shop.ID, number(text), like(text), MOST_JOBS);
        model.addAttribute("find", text);
        model.addAttribute("jobs", jobs);
        model.addAttribute("groups", text.isEmpty() ? groups(jobs) : List.of(new Group("Jobs", false, jobs)));
        model.addAttribute("openCount", bench.openCount(Shop.ID));
        model.addAttribute("tierOf", byName(Tier.values(), tier -> tier));
        model.addAttribute("stageWords", byName(Stage.values(), Stage::words));
        return "bench";
    }

    private List<Group> groups(List<BenchMapper.BenchJob> jobs) {
        Instant now = clock.instant();
        Predicate<BenchMapper.BenchJob> blocked = BenchMapper.BenchJob::blocked;
        Predicate<BenchMapper.BenchJob> later =
                blocked.negate().and(job -> job.nextAt() != null && job.nextAt().isAfter(now));
        return List.of(
                new Group(
                        "For your hands now",
                        false,
                        only(jobs, blocked.or(later).negate())),
                new Group("By themselves, until their clock", true, only(jobs, later)),
                new Group("Waiting for somebody else", true, only(jobs, blocked)));
    }

    private static List<BenchMapper.BenchJob> only(
            List<BenchMapper.BenchJob> jobs, Predicate<BenchMapper.BenchJob> which) {
        return jobs.stream().filter(which).toList();
    }

    private static <E extends Enum<E>, V> Map<String, V> byName(E[] constants, Function<E, V> value) {
        return Arrays.stream(constants).collect(Collectors.toMap(Enum::name, value));
    }

    /** No job has the number 0, which stands for a text that is no number. */
    private static long number(String text) {
        return text.matches("[0-9]{1,15}") ? Long.parseLong(text) : 0;
    }

    private static String like(String text) {
        return "%" + text.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
    }

    /** The strip asks for itself again, so that another person's clocks show up here. */
    @GetMapping("/clocks")
    String clocks() {
        return "frame :: tickets";
    }

    @GetMapping("/signin")
    String signIn() {
        return "signin";
    }

    @GetMapping("/evacuate")
    String evacuate() {
        return "evacuate";
    }

    @GetMapping("/keys")
    String keys(Model model) {
        model.addAttribute("keys", Key.ALL);
        return "keys";
    }
}
