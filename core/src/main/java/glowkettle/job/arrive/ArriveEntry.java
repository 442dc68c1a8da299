package glowkettle.job.arrive;

import glowkettle.arrive.OpenedBefore;
import glowkettle.arrive.PressureHold;
import glowkettle.arrive.Quote;
import glowkettle.arrive.Symptom;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.job.Entry;
import glowkettle.job.Moment;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** What is said and learnt at the counter, and photos of the job. */
public sealed interface ArriveEntry extends Entry {
    /** The device came to the counter. */
    record JobOpened(
            @Flat Device device,
            @Flat Customer customer,
            @Says("What is wrong") Set<Symptom> symptoms,

            @Says("Runs from full for") @Within(min = "0", max = "200", unit = "h") @Nullable
            BigDecimal runtimeHours,

            @Says("Shuts down at") @Within(min = "0", max = "100", unit = "%") @Nullable
            BigDecimal shutDownPercent,

            @Says("Opened before") OpenedBefore openedBefore,

            @Says(value = "Promised for", ahead = true) @Nullable
            Instant promise,

            int limitsVersion)
            implements ArriveEntry {
        public JobOpened {
            symptoms = Collections.unmodifiableSet(new TreeSet<>(symptoms));
        }
    }

    /** Which device it is. */
    record Device(
            @Says(value = "Model", longest = 60) String modelId,

            @Says(value = "Model or regulatory code", longest = 60) @Nullable
            String modelCode,

            @Says(value = "Serial", longest = 60) @Nullable String serial) {}

    /** Who brought it. */
    record Customer(
            @Says(value = "Owner", longest = 120) String owner,

            @Says(value = "How to reach the owner", longest = 200) @Nullable
            String contact) {}

    /** When the owner is told to come; earlier than the plan allows needs a reason. */
    record Promised(
            @Says(value = "Promised for", ahead = true) Instant promise,

            @Says(value = "Why earlier than the plan", longest = 300) @Nullable
            String reason)
            implements ArriveEntry {}

    /** The shell held under pressure; the samples stand in the bench log that is named. */
    record PressureHeld(
            Moment moment,
            @Says(value = "Bench log", longest = 40) String log,
            BigDecimal targetKpa,
            BigDecimal volumeMl,
            PressureHold held)
            implements ArriveEntry {}

    /** What the job costs. */
    record Quoted(Quote.Request request) implements ArriveEntry {}

    /** What the owner said to the quote; an accepted one names the pack. */
    record QuoteAnswered(
            @Says("Accepted") Boolean accepted,

            @Says(value = "Pack taken", longest = 80) @Nullable
            String offer) implements ArriveEntry {}

    /** The device turned out to be this model. */
    record ModelNamed(@Says(value = "Model", longest = 60) String modelId) implements ArriveEntry {}
}
