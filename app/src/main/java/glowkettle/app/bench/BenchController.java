package glowkettle.app.bench;

import glowkettle.app.binding.Letters;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.CallClass;
import glowkettle.job.Stage;
import glowkettle.job.order.OrderOfWork;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    private static final int MOST_FOUND = 20;
    private static final Map<String, String> STAGE_WORDS =
            OrderOfWork.CHAPTERS.stages().stream().collect(Collectors.toMap(Stage::path, Stage::words));

    private final BenchMapper bench;
    private final JobSearch search;
    private final ShopBook shop;
    private final InstantSource clock;

    BenchController(BenchMapper bench, JobSearch search, ShopBook shop, InstantSource clock) {
        this.shop = shop;
        this.bench = bench;
        this.search = search;
        this.clock = clock;
    }

    /** Jobs that wait for the same. */
    public record Group(String name, boolean waits, List<BenchMapper.BenchJob> jobs) {}

    @GetMapping("/")
    String bench(@RequestParam(required = false) @Nullable String find, Model model) {
        String text = find == null ? "" : find.strip();
        Optional<Long> meant = JobSearch.meant(text).filter(search::exists);
        if (meant.isPresent()) {
            return "redirect:/jobs/" + meant.get();
        }
        JobSearch.Found found = text.isEmpty()
                ? new JobSearch.Found(bench.open(Shop.ID, clock.instant(), MOST_JOBS), Map.of())
                : search.find(Letters.shown(text), MOST_FOUND);
        List<BenchMapper.BenchJob> jobs = found.jobs();
        model.addAttribute("mostFound", MOST_FOUND);
        model.addAttribute("corrected", found.corrected());
        model.addAttribute("find", text);
        model.addAttribute("jobs", jobs);
        model.addAttribute("groups", text.isEmpty() ? groups(jobs) : List.of(new Group("Jobs", false, jobs)));
        model.addAttribute("unfurnished", text.isEmpty() && shop.containers().isEmpty());
        model.addAttribute("openCount", bench.openCount(Shop.ID));
        model.addAttribute("stageWords", STAGE_WORDS);
        return "bench";
    }

    /** By class first: what is dangerous comes before what is late, whoever has to act on it. */
    private List<Group> groups(List<BenchMapper.BenchJob> all) {
        Instant now = clock.instant();
        Predicate<BenchMapper.BenchJob> danger = job -> job.rank() == CallClass.DANGER.rank();
        Predicate<BenchMapper.BenchJob> watch = job -> job.rank() == CallClass.WATCH.rank();
        List<BenchMapper.BenchJob> jobs = only(all, danger.or(watch).negate());
        Predicate<BenchMapper.BenchJob> blocked = BenchMapper.BenchJob::blocked;
        Predicate<BenchMapper.BenchJob> later =
                blocked.negate().and(job -> job.nextAt() != null && job.nextAt().isAfter(now));
        return List.of(
                new Group("Danger", false, only(all, danger)),
                new Group("To watch", false, only(all, watch)),
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

    /** The strip asks for itself again, so that another person's clocks show up here. */
    @GetMapping("/clocks")
    String clocks() {
        return "frame :: tickets";
    }

    @GetMapping("/signin")
    String signIn() {
        return "signin";
    }

    @GetMapping("/keys")
    String keys(Model model) {
        model.addAttribute("keys", Key.ALL);
        return "keys";
    }
}
