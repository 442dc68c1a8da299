package glowkettle.app.settings;

import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.isolation.Bulk;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** A container as typed. */
public record ContainerTyped(
        @Says(value = "Number", longest = 12) String id,
        @Says(value = "Name", longest = 80) String name,

        @Says("Capacity") @Within(min = "1", max = "5000", unit = "Wh")
        BigDecimal capacityWh,

        @Says("Most packs in it") @Within(min = "1", max = "100")
        int places,

        @Says("What it takes at the most") @Nullable Bulk takes,
        @Says("Outdoors") @Nullable Boolean outdoors) {}
