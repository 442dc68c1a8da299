package glowkettle.app.bench;

import glowkettle.app.binding.Letters;
import glowkettle.app.format.Words;
import glowkettle.app.request.DeviceCookie;
import glowkettle.app.shop.FirstDay;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The home page, and the pages that belong to no job. */
@Controller
class BenchController {
    private static final int MOST_JOBS = 40;
    private static final int MOST_FOUND = 20;
    private static final String CHOICE = "bench";
    private static final Duration KEPT_FOR = Duration.ofDays(365);

    private final BenchMapper bench;
    private final JobSearch search;
    private final MovingJobs moving;
    private final Meanwhile meanwhile;
    private final FirstDay day;
    private final ShopBook shop;
    private final InstantSource clock;

    BenchController(
            BenchMapper bench,
            JobSearch search,
            MovingJobs moving,
            Meanwhile meanwhile,
            FirstDay day,
            ShopBook shop,
            InstantSource clock) {
        this.meanwhile = meanwhile;
        this.day = day;
        this.moving = moving;
        this.shop = shop;
        this.bench = bench;
        this.search = search;
        this.clock = clock;
    }

    @GetMapping("/")
    String bench(
            @RequestParam(required = false) @Nullable String find,
            BenchChoice.Asked asked,
            @CookieValue(name = CHOICE, defaultValue = "") String kept,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        String me = Objects.requireNonNullElse(request.getRemoteUser(), "");
        BenchChoice before = BenchChoice.kept(kept);
        BenchChoice choice = before.with(asked);
        if (!choice.equals(before)) {
            DeviceCookie.keep(request, response, CHOICE, choice.text(), choice.isAll() ? Duration.ZERO : KEPT_FOR);
        }
        String text = find == null ? "" : find.strip();
        Optional<Long> meant = JobSearch.meant(text).filter(search::exists);
        if (meant.isPresent()) {
            return "redirect:/jobs/" + meant.get();
        }
        JobSearch.Found found = text.isEmpty()
                ? new JobSearch.Found(open(choice, me), Map.of())
                : search.find(Letters.shown(text), MOST_FOUND);
        MovingJobs.Now now = moving.at(clock.instant());
        List<BenchMapper.BenchJob> jobs = found.jobs().stream()
                .map(now::asNow)
                .filter(job -> !text.isEmpty() || choice.tier() == null || job.tier() == choice.tier())
                .toList();
        Rows rows = rows(jobs);
        model.addAttribute("find", text);
        model.addAttribute(
                "view",
                new BenchView(
                        rows.day(),
                        jobs.size(),
                        text.isEmpty()
                                ? BenchView.byWhatTheyWaitFor(rows.all(), clock.instant())
                                : BenchView.found(rows.all()),
                        text.isEmpty() ? filter(choice, me, now) : BenchFilter.none(),
                        MOST_FOUND,
                        found.corrected(),
                        text.isEmpty() ? notice(me, request.isUserInRole("LEAD")) : BenchView.Notice.NONE));
        return "bench";
    }

    private BenchView.Notice notice(String me, boolean lead) {
        return new BenchView.Notice(
                shop.containers().isEmpty(),
                lead ? day.behind().orElse(null) : null,
                meanwhile.told(me, shop.shop().hours(), clock.instant()));
    }

    private record Rows(Day day, List<BenchView.Row> all) {}

    /** Each job with its line of the day. */
    private Rows rows(List<BenchMapper.BenchJob> jobs) {
        Instant now = clock.instant();
        Day day = Day.of(shop.shop().hours(), now);
        Words words = new Words(shop.zone(), now);
        List<Long> numbers = jobs.stream().map(BenchMapper.BenchJob::number).toList();
        Map<Long, List<BenchMapper.Moment>> moments = numbers.isEmpty()
                ? Map.of()
                : bench.moments(Shop.ID, numbers, day.from(), day.to()).stream()
                        .collect(Collectors.groupingBy(BenchMapper.Moment::job));
        return new Rows(
                day,
                jobs.stream()
                        .map(job -> BenchView.Row.of(
                                job, Lane.of(job, moments.getOrDefault(job.number(), List.of()), day, words), words))
                        .toList());
    }

    private BenchFilter filter(BenchChoice choice, String me, MovingJobs.Now now) {
        return BenchFilter.of(
                now.counted(bench.counts(Shop.ID)), bench.places(Shop.ID), bench.mine(Shop.ID, me), choice);
    }

    private List<BenchMapper.BenchJob> open(BenchChoice choice, String me) {
        return choice.isAll()
                ? bench.open(Shop.ID, clock.instant(), MOST_JOBS)
                : bench.at(Shop.ID, clock.instant(), choice, me, MOST_JOBS);
    }

    /** The strip asks for itself again, so that another person's clocks show up here. */
    @GetMapping("/clocks")
    String clocks() {
        return "clocks";
    }

    /** Everything that calls for hands; the frame knows it. */
    @GetMapping("/calls")
    String calls() {
        return "calls";
    }

    @GetMapping("/signin")
    String signIn() {
        return "signin";
    }

    /** What each key does. */
    public record KeysView(List<Key> keys) {}

    @GetMapping("/keys")
    String keys(Model model) {
        model.addAttribute("view", new KeysView(Key.ALL));
        return "keys";
    }
}
