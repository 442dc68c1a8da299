package glowkettle.app.settings;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.binding.Letters;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.HouseForms;
import glowkettle.app.form.Taken;
import glowkettle.app.journal.HoursWork;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.shop.OpeningHours;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
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
class ShopController implements HouseForms {
    private static final String SHOP = "shop";
    private static final String CONTAINER = "container";
    private static final Taken SAVED = new Taken.On("/shop?saved#containers");

    private final ShopBook book;
    private final HoursWork hours;
    private final ContainerSetup containers;

    ShopController(ShopBook book, HoursWork hours, ContainerSetup containers) {
        this.containers = containers;
        this.book = book;
        this.hours = hours;
    }

    @Override
    public Map<String, Class<? extends Record>> forms() {
        return Map.of(SHOP, ShopTyped.class, CONTAINER, ContainerTyped.class);
    }

    @GetMapping("/shop")
    String shop(Model model) {
        return page(FilledForm.NONE, model);
    }

    /** Clocks that follow the hours are reckoned anew with them. */
    @PostMapping("/shop")
    @Transactional
    public String change(FormPost post, Model model) {
        List<Fault> faults = new ArrayList<>();
        Map<DayOfWeek, List<OpeningHours.Span>> week = OpeningText.week(post, faults);
        Map<LocalDate, List<OpeningHours.Span>> exceptions =
                OpeningText.exceptions("exceptions", post.first("exceptions"), faults);
        return post.answer(
                SHOP, ShopTyped.class, faults, shop -> keep(shop, week, exceptions), filled -> page(filled, model));
    }

    private Taken keep(
            ShopTyped shop,
            Map<DayOfWeek, List<OpeningHours.Span>> week,
            Map<LocalDate, List<OpeningHours.Span>> exceptions) {
        book.change(new Shop(
                shop.name(),
                shop.emergency(),
                shop.currency(),
                shop.equipment(),
                new OpeningHours(shop.zone(), week, exceptions)));
        hours.begin();
        return new Taken.On("/shop?saved");
    }

    @PostMapping("/shop/containers")
    String container(FormPost post, Model model) {
        return post.answer(
                CONTAINER,
                ContainerTyped.class,
                typed -> containers.put(typed, "/shop?saved#containers"),
                filled -> page(filled, model));
    }

    @PostMapping("/shop/containers/remove")
    String remove(@RequestParam String id, FormPost post, Model model) {
        Taken taken = Letters.areKept(id) && book.removeContainer(id)
                ? SAVED
                : Taken.refused(
                        "id",
                        "Container %s is not empty, or not there; hand its packs over first."
                                .formatted(Letters.shown(id)));
        return post.answer(CONTAINER, taken, filled -> page(filled, model));
    }

    /** The week and its exceptions as they are typed, and the containers of the store. */
    public record ShopView(Map<DayOfWeek, String> week, String exceptions, List<ShopBook.Container> containers) {}

    private String page(FilledForm filled, Model model) {
        Shop shop = book.shop();
        model.addAttribute("filled", filled);
        model.addAttribute(
                "view",
                new ShopView(
                        OpeningText.week(shop.hours()),
                        OpeningText.of(shop.hours().exceptions()),
                        book.containers()));
        return "settings/shop";
    }
}
