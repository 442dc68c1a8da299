package glowkettle.app.limits;

import glowkettle.finding.AppliedLimit;
import glowkettle.limits.Limit;
import glowkettle.limits.LimitSpec;
import glowkettle.limits.LimitTable;
import glowkettle.limits.ShopLimits;
import glowkettle.limits.Table;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The shop limits, to read. */
@Controller
class LimitsController {
    private final LimitsBook limits;

    LimitsController(LimitsBook limits) {
        this.limits = limits;
    }

    /** A limit in the table. */
    public record Row(LimitSpec spec, AppliedLimit applied) {}

    @GetMapping("/limits")
    String limits(Model model) {
        LimitsBook.Version version = limits.newest();
        Map<String, List<Row>> chapters = new LinkedHashMap<>();
        for (Limit limit : Limit.values()) {
            LimitSpec spec = ShopLimits.spec(limit);
            chapters.computeIfAbsent(spec.chapter(), chapter -> new ArrayList<>())
                    .add(new Row(spec, version.limits().applied(limit)));
        }
        Map<String, Table> tables = new LinkedHashMap<>();
        Arrays.stream(LimitTable.values())
                .forEach(table -> tables.put(
                        table.id().replace('-', ' '), version.limits().table(table)));
        model.addAttribute("version", version);
        model.addAttribute("chapters", chapters);
        model.addAttribute("tables", tables);
        return "limits";
    }
}
