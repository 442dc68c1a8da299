package glowkettle.app.settings;

import glowkettle.app.binding.Attempt;
import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FormTree;
import glowkettle.app.binding.Forms;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.shop.OpeningHours;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The shop: when somebody is there, whom to call, and its containers. */
@Controller
class ShopController {
    private static final String SHOP = "shop";
    private static final String CONTAINER = "container";

    private final ShopBook book;
    private final JournalBook journal;

    ShopController(ShopBook book, JournalBook journal) {
        this.book = book;
        this.journal = journal;
    }

    @GetMapping("/shop")
    String shop(Model model) {
        return page(Attempt.NONE, model);
    }

    /** Clocks that follow the hours are reckoned anew with them. */
    @PostMapping("/shop")
    @Transactional
    public String change(HttpServletRequest request, HttpServletResponse response, Model model) {
        Map<String, String[]> typed = Forms.typed(request);
        Bound<ShopTyped> bound = Binder.form(ShopTyped.class, FormTree.of(typed), book.zone());
        List<Fault> faults = new ArrayList<>(bound.faults());
        Map<DayOfWeek, List<OpeningHours.Span>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(day, OpeningText.spans(day.name(), first(typed, day.name()), faults));
        }
        Map<LocalDate, List<OpeningHours.Span>> exceptions =
                OpeningText.exceptions("exceptions", first(typed, "exceptions"), faults);
        if (!faults.isEmpty()) {
            response.setStatus(422);
            return page(new Attempt(SHOP, typed, faults, List.of()), model);
        }
        ShopTyped shop = bound.get();
        book.change(new Shop(
                shop.name(),
                shop.emergencyNumber(),
                shop.emergencyText(),
                shop.currency(),
                shop.hands(),
                shop.chargers(),
                shop.mats(),
                shop.dryers(),
                shop.airStations(),
                new OpeningHours(shop.zone(), week, exceptions)));
        journal.followTheHours();
        return "redirect:/shop?saved";
    }

    @PostMapping("/shop/containers")
    String container(HttpServletRequest request, HttpServletResponse response, Model model) {
        Map<String, String[]> typed = Forms.typed(request);
        Bound<ContainerTyped> bound = Binder.form(ContainerTyped.class, FormTree.of(typed), book.zone());
        List<Fault> faults = new ArrayList<>(bound.faults());
        if (bound.isGood() && !bound.get().id().matches("[A-Za-z0-9-]+")) {
            faults.add(new Fault(
                    "id",
                    "'%s' is no number for a label; take letters and digits"
                            .formatted(bound.get().id())));
        }
        if (!faults.isEmpty()) {
            response.setStatus(422);
            return page(new Attempt(CONTAINER, typed, faults, List.of()), model);
        }
        ContainerTyped container = bound.get();
        book.putContainer(
                container.id(),
                container.name(),
                container.capacityWh(),
                container.places(),
                Boolean.TRUE.equals(container.outdoors()));
        return "redirect:/shop?saved#containers";
    }

    @PostMapping("/shop/containers/remove")
    String remove(@RequestParam String id, HttpServletRequest request, HttpServletResponse response, Model model) {
        if (book.removeContainer(id)) {
            return "redirect:/shop?saved#containers";
        }
        response.setStatus(422);
        Fault fault =
                new Fault("id", "Container %s is not empty, or not there; hand its packs over first.".formatted(id));
        return page(new Attempt(CONTAINER, Forms.typed(request), List.of(fault), List.of()), model);
    }

    private String page(Attempt attempt, Model model) {
        Shop shop = book.shop();
        Map<DayOfWeek, String> week = new LinkedHashMap<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(day, OpeningText.of(shop.hours().week().get(day)));
        }
        model.addAttribute("attempt", attempt);
        model.addAttribute("week", week);
        model.addAttribute("exceptions", OpeningText.of(shop.hours().exceptions()));
        model.addAttribute("containers", book.containers());
        return "settings/shop";
    }

    private static String first(Map<String, String[]> typed, String field) {
        String[] values = typed.get(field);
        return values == null || values.length == 0 ? "" : values[0];
    }
}
