package glowkettle.app.desk;

import glowkettle.app.format.Words;
import glowkettle.assess.Tier;
import glowkettle.fit.Verdict;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Drawings that are the same on every page, as HTML. Each is drawn once: a page has many, a long list one in every row. */
@Component
public class Marks {
    private static final Words TIMELESS = new Words(ZoneOffset.UTC, Instant.EPOCH);

    private final ITemplateEngine templates;
    private final Map<String, String> drawn = new ConcurrentHashMap<>();

    Marks(ITemplateEngine templates) {
        this.templates = templates;
    }

    /** Shape, word and meaning of a tier. */
    public String tier(Tier tier) {
        return once("tier " + tier, () -> mark("tier", Map.of("tier", tier)));
    }

    /** Shape and word of a tier. */
    public String tierLittle(Tier tier) {
        return once("little " + tier, () -> mark("tierLittle", Map.of("tier", tier)));
    }

    /** What is shown over a page of this tier when the job gets another. */
    public String tierCards(Tier tier) {
        return once(
                "cards " + tier,
                () -> templates.process(
                        "job/tier-cards", with(Map.of("tiers", List.of(Tier.values()), "tier", tier, "marks", this))));
    }

    /** How a new pack fits. */
    public String verdict(Verdict verdict) {
        return once("verdict " + verdict, () -> mark("verdict", Map.of("verdict", verdict)));
    }

    /** How far a thing has come: passed, here, blocked or ahead. */
    public String notch(String state) {
        return once("notch " + state, () -> mark("notch", Map.of("state", state)));
    }

    private String mark(String fragment, Map<String, Object> values) {
        return templates.process("marks", Set.of(fragment), with(values));
    }

    private static Context with(Map<String, Object> values) {
        Context context = new Context();
        context.setVariables(values);
        context.setVariable("words", TIMELESS);
        return context;
    }

    /** Two that ask at once may both draw it; drawing one mark may ask for another. */
    private String once(String key, Supplier<String> draw) {
        String known = drawn.get(key);
        if (known == null) {
            known = draw.get();
            drawn.put(key, known);
        }
        return known;
    }
}
