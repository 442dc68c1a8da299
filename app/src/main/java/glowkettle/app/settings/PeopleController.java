package glowkettle.app.settings;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.HouseForms;
import glowkettle.app.form.Taken;
import glowkettle.app.security.Accounts;
import glowkettle.job.Role;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;

/** People who may sign in: made, locked and given roles by a lead. Whoever is changed signs in anew. */
@Controller
class PeopleController implements HouseForms {
    private static final int SHORTEST_PASSWORD = 10;
    /** What the sign-in's hash reads of a password. */
    private static final int MOST_BYTES = 72;

    private static final Taken PEOPLE = new Taken.On("/people");

    private final Accounts accounts;

    PeopleController(Accounts accounts) {
        this.accounts = accounts;
    }

    @Override
    public Map<String, Class<? extends Record>> forms() {
        return Map.of("person-new", PersonTyped.class, "person", PersonTyped.class);
    }

    @GetMapping("/people")
    String people(Model model) {
        return page(FilledForm.NONE, model);
    }

    @PostMapping("/people/new")
    String add(FormPost post, Model model) {
        return post.answer("person-new", PersonTyped.class, this::add, filled -> page(filled, model));
    }

    private Taken add(PersonTyped person) {
        List<Fault> faults = faults(person);
        if (faults.isEmpty() && person.password() == null) {
            faults.add(new Fault("password", "A new account needs a password."));
        }
        boolean added = faults.isEmpty()
                && accounts.add(person.name(), person.shownName(), String.valueOf(person.password()), person.role());
        if (faults.isEmpty() && !added) {
            faults.add(new Fault("name", "'%s' is taken.".formatted(person.name())));
        }
        return added ? PEOPLE : new Taken.Refused(faults);
    }

    @PostMapping("/people/change")
    String change(FormPost post, Model model) {
        return post.answer(
                "person:" + post.first("name"), PersonTyped.class, this::change, filled -> page(filled, model));
    }

    private Taken change(PersonTyped person) {
        List<Fault> faults = faults(person);
        if (!faults.isEmpty()) {
            return new Taken.Refused(faults);
        }
        boolean locked = Boolean.TRUE.equals(person.locked());
        return switch (accounts.change(new Accounts.Person(person.name(), person.shownName(), person.role(), locked))) {
            case DONE -> {
                if (person.password() != null) {
                    accounts.changePassword(person.name(), person.password());
                }
                yield PEOPLE;
            }
            case UNKNOWN -> Taken.refused("name", "There is no account '%s'.".formatted(person.name()));
            case LAST_LEAD ->
                Taken.refused("role", "'%s' is the last lead; make another one first.".formatted(person.name()));
        };
    }

    private static List<Fault> faults(PersonTyped person) {
        List<Fault> faults = new ArrayList<>();
        if (!person.name().matches("[a-z0-9][a-z0-9.-]*")) {
            faults.add(new Fault(
                    "name",
                    "'%s' cannot be a name to sign in with; take small letters, digits, dots"
                            .formatted(person.name())));
        }
        String password = person.password();
        if (password != null
                && (password.length() < SHORTEST_PASSWORD
                        || password.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES)) {
            faults.add(new Fault(
                    "password", "A password has %s to %s characters.".formatted(SHORTEST_PASSWORD, MOST_BYTES)));
        }
        return faults;
    }

    /** Everybody who may sign in. */
    public record PeopleView(List<Accounts.Person> people) {
        public List<Role> roles() {
            return List.of(Role.values());
        }
    }

    private String page(FilledForm filled, Model model) {
        model.addAttribute("filled", filled);
        model.addAttribute("view", new PeopleView(accounts.all()));
        return "settings/people";
    }
}
