package glowkettle.app.free;

import glowkettle.app.drawing.Plot;
import glowkettle.app.sums.Calculator;
import glowkettle.app.sums.Calculators;
import glowkettle.free.Bending;
import glowkettle.free.Ladder;
import glowkettle.free.LeadOrder;
import glowkettle.free.Solvent;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Refit;
import glowkettle.heat.SettingSearch;
import glowkettle.limits.ShopLimits;
import java.util.List;
import org.springframework.stereotype.Component;

/** Heat, adhesive, solvent and leads from outside. */
@Component
class FreeCalculators implements Calculators {
    private static final String STAGE = "free";

    @Override
    public List<Calculator<?, ?>> calculators() {
        return List.of(
                new Calculator<>(
                                STAGE,
                                "heat-window",
                                "When a heated bond can be worked, and until when the pack bears it",
                                HeatWindow.Request.class,
                                HeatWindow.class,
                                HeatWindow::of)
                        .plottedBy(FreeCalculators::plot),
                new Calculator<>(
                        STAGE,
                        "heat-settings",
                        "Heat settings that leave a window, the best one first",
                        HeatWindow.Request.class,
                        SettingSearch.class,
                        SettingSearch::of),
                new Calculator<>(
                                STAGE,
                                "heat-refit",
                                "A running heating corrected by what was read",
                                Refit.Request.class,
                                Refit.class,
                                Refit::of)
                        .plottedBy((request, refit, limits) -> plot(request.heating(), refit.window(), limits)),
                new Calculator<>(
                        STAGE,
                        "ladder",
                        "The ways of loosening a bond in the order to try them",
                        Ladder.Case.class,
                        Ladder.class,
                        Ladder::of),
                new Calculator<>(
                        STAGE,
                        "bending",
                        "Strain of a pack's face from how far it was bent",
                        Bending.Bend.class,
                        Bending.class,
                        Bending::of),
                new Calculator<>(
                        STAGE,
                        "solvent",
                        "Dose, dwell and drying of solvent on a bond",
                        Solvent.Use.class,
                        Solvent.class,
                        Solvent::of),
                new Calculator<>(
                        STAGE,
                        "lead-order",
                        "The order in which leads come off and go back on",
                        LeadOrder.Case.class,
                        LeadOrder.class,
                        LeadOrder::of));
    }

    private static Plot plot(HeatWindow.Request request, HeatWindow window, ShopLimits limits) {
        return HeatChart.of(request.stack(), window, HeatChart.Course.of(window), limits);
    }
}
