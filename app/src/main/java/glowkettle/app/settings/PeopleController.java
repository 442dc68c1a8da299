package glowkettle.app.settings;

import glowkettle.app.binding.Attempt;
import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FormTree;
import glowkettle.app.binding.Forms;
import glowkettle.app.security.Accounts;
import glowkettle.job.Role;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;

/** People who may sign in: made, locked and given roles by a lead. Whoever is changed signs in anew. */
@Controller
class PeopleController {
    private static final int SHORTEST_PASSWORD = 10;
    /** What the sign-in's hash reads of a password. */
    private static final int MOST_BYTES = 72;

    private final Accounts accounts;

    PeopleController(Accounts accounts) {
        this.accounts = accounts;
    }

    @GetMapping("/people")
    String people(Model model) {
        return page(Attempt.NONE, model);
    }

    @PostMapping("/people/new")
    String add(HttpServletRequest request, HttpServletResponse response, Model model) {
        Bound<PersonTyped> bound = read(request);
        List<Fault> faults = faults(bound);
        if (faults.isEmpty() && bound.get().password() == null) {
            faults.add(new Fault("password", "A new account needs a password."));
        }
        if (faults.isEmpty()) {
            PersonTyped person = bound.get();
            if (accounts.add(person.name(), person.shownName(), String.valueOf(person.password()), person.role())) {
                return "redirect:/people";
            }
            faults.add(new Fault("name", "'%s' is taken.".formatted(person.name())));
        }
        return again("person-new", faults, request, response, model);
    }

    @PostMapping("/people/change")
    String change(HttpServletRequest request, HttpServletResponse response, Model model) {
        Bound<PersonTyped> bound = read(request);
        List<Fault> faults = faults(bound);
        if (faults.isEmpty()) {
            PersonTyped person = bound.get();
            boolean locked = Boolean.TRUE.equals(person.locked());
            Accounts.Change changed =
                    accounts.change(new Accounts.Person(person.name(), person.shownName(), person.role(), locked));
            if (changed == Accounts.Change.DONE) {
                if (person.password() != null) {
                    accounts.changePassword(person.name(), person.password());
                }
                return "redirect:/people";
            }
            faults.add(
                    changed == Accounts.Change.UNKNOWN
                            ? new Fault("name", "There is no account '%s'.".formatted(person.name()))
                            : new Fault(
                                    "role", "'%s' is the last lead; make another one first.".formatted(person.name())));
        }
        return again("person-" + request.getParameter("name"), faults, request, response, model);
    }

    private static Bound<PersonTyped> read(HttpServletRequest request) {
        return Binder.form(PersonTyped.class, FormTree.of(Forms.typed(request)), ZoneOffset.UTC);
    }

    private static List<Fault> faults(Bound<PersonTyped> bound) {
        List<Fault> faults = new ArrayList<>(bound.faults());
        if (!bound.isGood()) {
            return faults;
        }
        PersonTyped person = bound.get();
        if (!person.name().matches("[a-z0-9][a-z0-9.-]*")) {
            faults.add(new Fault(
                    "name",
                    "'%s' cannot be a name to sign in with; take small letters, digits, dots"
                            .formatted(person.name())));
        }
        String password = person.password();
        if (password != null
                && (password.length() < SHORTEST_PASSWORD
                        || password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > MOST_BYTES)) {
            faults.add(new Fault(
                    "password", "A password has %s to %s characters.".formatted(SHORTEST_PASSWORD, MOST_BYTES)));
        }
        return faults;
    }

    /** A password is the one thing that does not come back with its form. */
    private String again(
            String kind, List<Fault> faults, HttpServletRequest request, HttpServletResponse response, Model model) {
        response.setStatus(422);
        Map<String, String[]> typed = Forms.typed(request);
        typed.remove("password");
        return page(new Attempt(kind, typed, faults, List.of()), model);
    }

    private String page(Attempt attempt, Model model) {
        model.addAttribute("attempt", attempt);
        model.addAttribute("people", accounts.all());
        model.addAttribute("roles", Role.values());
        return "settings/people";
    }
}
