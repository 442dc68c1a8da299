package glowkettle.app.open;

import glowkettle.finding.Result;
import glowkettle.open.HandOrder;
import java.math.BigDecimal;
import java.util.List;

/** An order by hand for readers outside; what it breaks stands in the findings. */
public record HandOrderAnswer(List<String> order, boolean breaks, BigDecimal costMinutes, BigDecimal dearerMinutes) {
    static Result<HandOrderAnswer> of(Result<HandOrder> tried) {
        HandOrder order = tried.result();
        return new Result<>(
                new HandOrderAnswer(
                        order.plan().order(),
                        order.breaks(),
                        order.plan().cost().costMinutes(),
                        order.dearerMinutes()),
                tried.findings(),
                tried.working());
    }
}
