package glowkettle.app.bench;

import glowkettle.app.binding.Letters;
import glowkettle.app.format.Words;
import glowkettle.app.request.DeviceCookie;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    private final ShopBook shop;
    private final InstantSource clock;

    BenchController(BenchMapper bench, JobSearch search, ShopBook shop, InstantSource clock) {
        this.shop = shop;
        this.bench = bench;
        this.search = search;
        this.clock = clock;
    }

    @GetMapping("/")
    String bench(
            @RequestParam(required = false) @Nullable String find,
            @RequestParam(required = false) @Nullable String stage,
            @RequestParam(required = false) @Nullable String tier,
            @CookieValue(name = CHOICE, defaultValue = "") String kept,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        BenchChoice before = BenchChoice.kept(kept);
        BenchChoice choice = before.with(stage, tier);
        if (!choice.equals(before)) {
            DeviceCookie.keep(request, response, CHOICE, choice.text(), choice.isAll() ? Duration.ZERO : KEPT_FOR);
        }
        String text = find == null ? "" : find.strip();
        Optional<Long> meant = JobSearch.meant(text).filter(search::exists);
        if (meant.isPresent()) {
            return "redirect:/jobs/" + meant.get();
        }
        JobSearch.Found found = text.isEmpty()
                ? new JobSearch.Found(open(choice), Map.of())
                : search.find(Letters.shown(text), MOST_FOUND);
        List<BenchMapper.BenchJob> jobs = found.jobs();
        Words words = new Words(shop.zone(), clock.instant());
        model.addAttribute("find", text);
        model.addAttribute(
                "view",
                new BenchView(
                        jobs.size(),
                        text.isEmpty()
                                ? BenchView.byWhatTheyWaitFor(jobs, words, clock.instant())
                                : BenchView.found(jobs, words),
                        BenchView.Filter.of(text.isEmpty() ? bench.counts(Shop.ID) : List.of(), choice),
                        MOST_FOUND,
                        found.corrected(),
                        text.isEmpty() && shop.containers().isEmpty()));
        return "bench";
    }

    private List<BenchMapper.BenchJob> open(BenchChoice choice) {
        return choice.isAll()
                ? bench.open(Shop.ID, clock.instant(), MOST_JOBS)
                : bench.at(Shop.ID, clock.instant(), choice.stage(), choice.tier(), MOST_JOBS);
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

    /** What each key does. */
    public record KeysView(List<Key> keys) {}

    @GetMapping("/keys")
    String keys(Model model) {
        model.addAttribute("view", new KeysView(Key.ALL));
        return "keys";
    }
}
