package glowkettle.app.web;

import glowkettle.app.bench.BenchMapper;
import glowkettle.app.binding.Attempt;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.UUID;
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
    private final InstantSource clock;

    Frame(BenchMapper bench, ShopBook shop, InstantSource clock) {
        this.bench = bench;
        this.shop = shop;
        this.clock = clock;
    }

    @ModelAttribute
    void frame(
            Model model,
            HttpServletRequest request,
            @CookieValue(name = ThemeController.COOKIE, required = false) @Nullable String theme) {
        model.addAttribute("formIds", new FormIds());
        model.addAttribute("entryWords", EntryWords.Speaker.INSTANCE);
        model.addAttribute("theme", ThemeController.DARK.equals(theme) ? ThemeController.DARK : ThemeController.LIGHT);
        model.addAttribute("find", "");
        model.addAttribute("correcting", null);
        model.addAttribute("attempt", Attempt.NONE);
        Principal principal = request.getUserPrincipal();
        boolean signedIn = principal != null;
        Shop here = shop.shop();
        model.addAttribute("shop", here);
        model.addAttribute("words", new Words(here.hours().zone(), clock.instant()));
        model.addAttribute("signedIn", signedIn);
        model.addAttribute("who", signedIn ? principal.getName() : "");
        model.addAttribute("isLead", request.isUserInRole("LEAD"));
        Instant now = clock.instant();
        List<BenchMapper.BenchClock> calls =
                signedIn ? bench.calls(Shop.ID, now, now.minus(TOLD_FOR), CALLS_READ) : List.of();
        List<BenchMapper.BenchClock> others =
                calls.stream().filter(call -> !call.isDanger(now)).toList();
        model.addAttribute("calls", calls);
        model.addAttribute(
                "dangers", calls.stream().filter(call -> call.isDanger(now)).toList());
        model.addAttribute("clocks", others.stream().limit(CLOCKS_SHOWN).toList());
    }

    /** Every form gets an id of its own, so that sending one twice is never taken for another. */
    public static final class FormIds {
        public String next() {
            return UUID.randomUUID().toString();
        }
    }
}
