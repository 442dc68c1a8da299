package glowkettle.app.settings;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.HouseForms;
import glowkettle.app.form.Taken;
import glowkettle.app.journal.HoursWork;
import glowkettle.app.security.Accounts;
import glowkettle.app.shop.Emergency;
import glowkettle.app.shop.Equipment;
import glowkettle.app.shop.FirstDay;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.shop.OpeningHours;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Leads a new lead from an empty database to the first job, one question after the other. */
@Controller
@Transactional
public class FirstDayController implements HouseForms {
    private static final String PAGE = "/first-day";
    private static final String LIBRARY = "/library";
    private static final Taken NEXT = new Taken.On(PAGE);

    private final ShopBook book;
    private final FirstDay day;
    private final ContainerSetup containers;
    private final Accounts accounts;
    private final HoursWork hours;

    FirstDayController(ShopBook book, FirstDay day, ContainerSetup containers, Accounts accounts, HoursWork hours) {
        this.book = book;
        this.day = day;
        this.containers = containers;
        this.accounts = accounts;
        this.hours = hours;
    }

    @Override
    public Map<String, Class<? extends Record>> forms() {
        return Map.of(
                "first-shop", FirstDayTyped.class,
                "first-emergency", Emergency.class,
                "first-room", Equipment.class,
                "first-container", ContainerTyped.class);
    }

    @GetMapping(PAGE)
    String first(@RequestParam(required = false) FirstDay.@Nullable Step again, Model model) {
        return page(again, FilledForm.NONE, model);
    }

    @PostMapping(PAGE + "/shop")
    String shop(FormPost post, Model model) {
        return post.answer(
                "first-shop",
                FirstDayTyped.class,
                typed -> change(FirstDay.Step.SHOP, typed::in, post),
                filled -> page(FirstDay.Step.SHOP, filled, model));
    }

    @PostMapping(PAGE + "/emergency")
    String emergency(FormPost post, Model model) {
        return post.answer(
                "first-emergency",
                Emergency.class,
                typed -> change(FirstDay.Step.EMERGENCY, shop -> shop.with(typed), post),
                filled -> page(FirstDay.Step.EMERGENCY, filled, model));
    }

    @PostMapping(PAGE + "/hours")
    String hours(FormPost post, Model model) {
        List<Fault> faults = new ArrayList<>();
        Map<DayOfWeek, List<OpeningHours.Span>> week = OpeningText.week(post, faults);
        Taken taken = faults.isEmpty()
                ? change(
                        FirstDay.Step.HOURS,
                        shop -> shop.with(new OpeningHours(
                                shop.hours().zone(), week, shop.hours().exceptions())),
                        post)
                : new Taken.Refused(faults);
        return post.answer("first-hours", taken, filled -> page(FirstDay.Step.HOURS, filled, model));
    }

    @PostMapping(PAGE + "/room")
    String room(FormPost post, Model model) {
        return post.answer(
                "first-room",
                Equipment.class,
                typed -> change(FirstDay.Step.ROOM, shop -> shop.with(typed), post),
                filled -> page(FirstDay.Step.ROOM, filled, model));
    }

    /** As many as stand there; whether that is all is said by going on. */
    @PostMapping(PAGE + "/container")
    String container(FormPost post, Model model) {
        return post.answer(
                "first-container",
                ContainerTyped.class,
                typed -> containers.put(typed, PAGE),
                filled -> page(FirstDay.Step.CONTAINERS, filled, model));
    }

    @PostMapping(PAGE + "/passed")
    String passed(@RequestParam FirstDay.Step step, FormPost post, Model model) {
        return post.answer("first-passed", passed(step, post.by()), filled -> page(step, filled, model));
    }

    @PostMapping(PAGE + "/examples")
    String examples(@RequestParam boolean away, FormPost post, Model model) {
        day.putExamplesAway(away);
        day.pass(FirstDay.Step.EXAMPLES, post.by());
        Taken taken = new Taken.On(post.first("then").equals(LIBRARY) ? LIBRARY : PAGE);
        return post.answer("first-examples", taken, filled -> page(FirstDay.Step.EXAMPLES, filled, model));
    }

    /** What is asked for is answered, not passed over; what is looked at elsewhere is passed by saying so. */
    private Taken passed(FirstDay.Step step, String by) {
        return switch (step) {
            case SHOP, EMERGENCY, HOURS, ROOM, EXAMPLES -> Taken.refused("", "This one is answered, not passed over.");
            case CONTAINERS -> {
                if (book.containers().isEmpty()) {
                    yield Taken.refused("", "Set up at least one: a pack that swells needs a place at once.");
                }
                day.pass(step, by);
                yield NEXT;
            }
            case PEOPLE, LIMITS -> {
                day.pass(step, by);
                yield NEXT;
            }
        };
    }

    private Taken change(FirstDay.Step step, UnaryOperator<Shop> changed, FormPost post) {
        book.change(changed.apply(book.shop()));
        if (step == FirstDay.Step.HOURS || step == FirstDay.Step.SHOP) {
            hours.begin();
        }
        day.pass(step, post.by());
        return NEXT;
    }

    /**
     * The day as it is drawn.
     *
     * @param open the one question that is asked now; null when all are behind
     */
    public record FirstDayView(
            FirstDay.@Nullable Step open,
            Set<FirstDay.Step> passed,
            Map<DayOfWeek, String> week,
            List<ShopBook.Container> containers,
            List<Accounts.Person> people,
            boolean examplesAway) {
        public List<FirstDay.Step> steps() {
            return List.of(FirstDay.Step.values());
        }

        public int behind() {
            return passed.size();
        }
    }

    private String page(FirstDay.@Nullable Step again, FilledForm filled, Model model) {
        Set<FirstDay.Step> passed = day.passed();
        FirstDay.Step open = again != null
                ? again
                : Stream.of(FirstDay.Step.values())
                        .filter(step -> !passed.contains(step))
                        .findFirst()
                        .orElse(null);
        model.addAttribute("filled", filled);
        model.addAttribute(
                "view",
                new FirstDayView(
                        open,
                        passed,
                        OpeningText.week(book.hours()),
                        book.containers(),
                        accounts.all(),
                        day.examplesAreAway()));
        return "settings/first-day";
    }
}
