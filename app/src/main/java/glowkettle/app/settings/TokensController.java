package glowkettle.app.settings;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.HouseForms;
import glowkettle.app.form.Taken;
import glowkettle.app.security.AccessTokens;
import glowkettle.app.sums.CalculatorBook;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;

/** Tokens of whoever is signed in: made, shown once, withdrawn. */
@Controller
class TokensController implements HouseForms {
    private static final String PATH = "/tokens";

    private final AccessTokens tokens;
    private final CalculatorBook calculators;

    TokensController(AccessTokens tokens, CalculatorBook calculators) {
        this.tokens = tokens;
        this.calculators = calculators;
    }

    @Override
    public Map<String, Class<? extends Record>> forms() {
        return Map.of("token-new", TokenTyped.class);
    }

    /** @param made the token that was just made; shown this once */
    public record TokensView(
            List<AccessTokens.Token> tokens,
            List<String> stages,
            @Nullable String made) {}

    @GetMapping(PATH)
    String tokens(FormPost asked, Model model) {
        return page(asked, FilledForm.NONE, null, model);
    }

    @PostMapping(PATH + "/new")
    String make(FormPost post, HttpServletResponse response, Model model) {
        String[] made = {null};
        return post.answer(
                "token-new",
                TokenTyped.class,
                typed -> {
                    if (typed.stage() != null && !calculators.stages().contains(typed.stage())) {
                        return Taken.refused("stage", "'%s' has no sums.".formatted(typed.stage()));
                    }
                    return tokens.make(post.by(), typed.name(), typed.stage())
                            .<Taken>map(token -> {
                                made[0] = token;
                                return new Taken.On(PATH);
                            })
                            .orElseGet(() -> Taken.refused(
                                    "name", "There are 20 tokens already; withdraw one that nothing uses."));
                },
                filled -> page(post, filled, null, model),
                to -> {
                    response.setHeader("Cache-Control", "no-store");
                    return page(post, FilledForm.NONE, made[0], model);
                });
    }

    @PostMapping(PATH + "/withdraw")
    String withdraw(FormPost post) {
        Long id = post.number("id");
        if (id != null) {
            tokens.withdraw(post.by(), id);
        }
        return FormPost.redirect(PATH);
    }

    private String page(FormPost asked, FilledForm filled, @Nullable String made, Model model) {
        model.addAttribute("filled", filled);
        model.addAttribute("view", new TokensView(tokens.of(asked.by()), calculators.stages(), made));
        return "settings/tokens";
    }
}
