package glowkettle.app.desk;

import glowkettle.app.bench.BenchMapper;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.form.Fields;
import glowkettle.app.format.Words;
import glowkettle.app.journal.JobReader;
import glowkettle.app.live.Change;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What the frame around every page needs: the clock strip, the shop, who is signed in. */
@ControllerAdvice(annotations = Controller.class)
class Frame {
    private static final int CALLS_READ = 40;
    private static final int CLOCKS_SHOWN = 6;
    /** How long a clock that only tells stays after it ran out. */
    private static final Duration TOLD_FOR = Duration.ofMinutes(10);

    private final BenchMapper bench;
    private final ShopBook shop;
    private final Strip strip;
    private final Marks marks;
    private final Fields fields;
    private final JobReader jobs;
    private final InstantSource clock;

    Frame(
            BenchMapper bench,
            ShopBook shop,
            Strip strip,
            Marks marks,
            Fields fields,
            JobReader jobs,
            InstantSource clock) {
        this.jobs = jobs;
        this.bench = bench;
        this.shop = shop;
        this.strip = strip;
        this.marks = marks;
        this.fields = fields;
        this.clock = clock;
    }

    @ModelAttribute
    void frame(
            Model model,
            HttpServletRequest request,
            @CookieValue(name = ThemeController.COOKIE, required = false) @Nullable String theme) {
        model.addAttribute("folds", Folds.of(request));
        model.addAttribute("formIds", new FormIds());
        model.addAttribute("entryWords", EntryWords.Speaker.INSTANCE);
        model.addAttribute("theme", ThemeController.chosen(theme));
        model.addAttribute("find", "");
        model.addAttribute("correcting", null);
        model.addAttribute("filled", FilledForm.NONE);
        Principal principal = request.getUserPrincipal();
        boolean signedIn = principal != null;
        model.addAttribute("shop", Asked.of(shop::shop));
        model.addAttribute("marks", marks);
        model.addAttribute("fields", fields);
        Asked<Words> words = Asked.of(() -> new Words(shop.zone(), clock.instant()));
        model.addAttribute("words", words);
        model.addAttribute("signedIn", signedIn);
        model.addAttribute("who", signedIn ? principal.getName() : "");
        model.addAttribute("isLead", request.isUserInRole("LEAD"));
        Asked<Calling> calling = Asked.of(() -> signedIn ? calling(clock.instant()) : Calling.NOBODY);
        model.addAttribute("calls", Asked.of(() -> calling.getValue().calls()));
        model.addAttribute("dangers", Asked.of(() -> calling.getValue().dangers()));
        Long here = PageJob.of(request);
        model.addAttribute("dangersHere", Asked.of(() -> calling.getValue().dangersOf(here)));
        model.addAttribute("pageJob", here);
        // The poll says how its page's job stands, so that whatever the page missed is healed with it.
        model.addAttribute(
                "jobNow",
                Asked.of(() ->
                        here == null ? null : jobs.find(here).map(Change::of).orElse(null)));
        model.addAttribute(
                "strip",
                Asked.of(() -> strip.html(
                        calling.getValue().dangersElsewhere(here),
                        calling.getValue().dangersOf(here),
                        calling.getValue().clocks(),
                        words.getValue())));
    }

    /** Whatever calls, and of it the dangers and the clocks that are shown. */
    private record Calling(
            List<BenchMapper.BenchClock> calls,
            List<BenchMapper.BenchClock> dangers,
            List<BenchMapper.BenchClock> clocks) {
        private static final Calling NOBODY = new Calling(List.of(), List.of(), List.of());

        /** On its own page a danger is the next thing. */
        List<BenchMapper.BenchClock> dangersOf(@Nullable Long job) {
            return dangers.stream().filter(isOf(job)).toList();
        }

        List<BenchMapper.BenchClock> dangersElsewhere(@Nullable Long job) {
            return dangers.stream().filter(isOf(job).negate()).toList();
        }

        private static Predicate<BenchMapper.BenchClock> isOf(@Nullable Long job) {
            return danger -> job != null && danger.job() == job;
        }
    }

    private Calling calling(Instant now) {
        List<BenchMapper.BenchClock> calls = bench.calls(Shop.ID, now, now.minus(TOLD_FOR), CALLS_READ);
        Map<Boolean, List<BenchMapper.BenchClock>> dangerous =
                calls.stream().collect(Collectors.partitioningBy(call -> call.isDanger(now)));
        return new Calling(
                calls,
                Objects.requireNonNull(dangerous.get(true)),
                Objects.requireNonNull(dangerous.get(false)).stream()
                        .limit(CLOCKS_SHOWN)
                        .toList());
    }

    /** Every form gets an id of its own, so that sending one twice is never taken for another. */
    public static final class FormIds {
        public String next() {
            return UUID.randomUUID().toString();
        }
    }
}
