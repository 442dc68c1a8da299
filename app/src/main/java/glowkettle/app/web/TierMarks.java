package glowkettle.app.web;

import glowkettle.assess.Tier;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** The little mark of each tier, drawn once: a long list has one in every row. */
@Component
class TierMarks {
    private final ITemplateEngine templates;
    private volatile @Nullable Map<String, String> drawn;

    TierMarks(ITemplateEngine templates) {
        this.templates = templates;
    }

    /** By the tier's name. */
    Map<String, String> html() {
        Map<String, String> known = drawn;
        if (known == null) {
            known = Arrays.stream(Tier.values()).collect(Collectors.toMap(Tier::name, this::draw));
            drawn = known;
        }
        return known;
    }

    private String draw(Tier tier) {
        Context context = new Context();
        context.setVariable("tier", tier);
        context.setVariable("words", new Words(ZoneOffset.UTC, Instant.EPOCH));
        return templates.process("marks", Set.of("tierLittle"), context);
    }
}
