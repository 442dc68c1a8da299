package glowkettle.job.isolation;

import glowkettle.assess.HazardReadings;
import glowkettle.assess.Tier;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.job.Entry;
import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Where the old pack lies, how it is watched, and how it leaves. */
public sealed interface IsolationEntry extends Entry {
    /** The old pack, or the whole device, is in a container. */
    record PackStored(
            @Says(value = "Container", longest = 40) String container,

            @Says(value = "Name of the container", longest = 80)
            String containerName,

            Tier tier,
            BigDecimal energyWh,

            @Says("The whole device, with its pack") @Nullable
            Boolean wholeDevice)
            implements IsolationEntry {}

    /** No container takes it: it stands outdoors on bare ground, and somebody stands guard. */
    record StoodOutdoors(
            @Says(value = "Where, away from exits and from what burns", longest = 120)
            String place,

            @Says(value = "Who stands guard", longest = 80) String guard,

            @Says(value = "Until when", ahead = true) Instant until,

            @Says("The whole device, with its pack") @Nullable
            Boolean wholeDevice)
            implements IsolationEntry {}

    /** A look at the stored pack: one temperature, its air, and whatever else was seen. */
    record Watched(
            @Says("Surface of the pack or its container") @Within(min = "-40", max = "1000", unit = "°C")
            BigDecimal surfaceC,

            @Says("Air around it") @Within(min = "-40", max = "60", unit = "°C")
            BigDecimal ambientC,

            HazardReadings.@Nullable Look look)
            implements IsolationEntry {}

    /** The old pack left the store for disposal. */
    record PackReleased(
            int handOver,
            @Says(value = "Collector", longest = 120) String collector) implements IsolationEntry {}
}
