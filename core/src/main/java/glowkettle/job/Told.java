package glowkettle.job;

import glowkettle.assess.HazardReadings;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Warmth;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What an entry tells of a pack of the job: a reading of it, where it is, and what heats or loads it. */
public sealed interface Told {
    /** Of a pack that somebody reads. */
    sealed interface Reading extends Told {
        Whose whose();
    }

    /** The pack that a reading is of. */
    enum Whose {
        OLD,
        NEW,
        /** The one that is at the device by then. */
        AT_HAND
    }

    /** Seen and smelt. */
    record Seen(Whose whose, Look look) implements Reading {}

    /** Felt, as it was typed: what heat and current explain of it is known here. */
    record Felt(Whose whose, Warmth warmth) implements Reading {}

    /** Felt by a hand, in the shop's air. */
    record ByHand(
            Whose whose, HazardReadings.Hand hand, @Nullable BigDecimal ambientC) implements Reading {}

    record Gauged(Whose whose, HazardReadings.Seam seam) implements Reading {}

    record Measured(Whose whose, HazardReadings.Thickness thickness) implements Reading {}

    record Rested(Whose whose, HazardReadings.Voltage voltage) implements Reading {}

    /** By its own gauge. */
    record Cells(Whose whose, List<BigDecimal> cellV) implements Reading {
        public Cells {
            cellV = List.copyOf(cellV);
        }
    }

    /** In the store, at rest in its air. */
    record Watched(
            BigDecimal surfaceC,
            BigDecimal ambientC,
            @Nullable Look look) implements Reading {
        @Override
        public Whose whose() {
            return Whose.OLD;
        }

        boolean findsSomething() {
            return look != null && look.findsSomething();
        }
    }

    /**
     * Under a mat or a nozzle, where the cell is.
     *
     * @param predictedC what the curve said of that moment
     */
    record Heated(BigDecimal temperatureC, @Nullable BigDecimal predictedC) implements Reading {
        @Override
        public Whose whose() {
            return Whose.OLD;
        }
    }

    /** Somewhere that tells nothing of the pack itself. */
    record Elsewhere() implements Reading {
        @Override
        public Whose whose() {
            return Whose.OLD;
        }
    }

    /** The new one as it came out of its box. */
    record Unpacked(Look look, HazardReadings.Thickness thickness, HazardReadings.Voltage voltage) implements Reading {
        @Override
        public Whose whose() {
            return Whose.NEW;
        }
    }

    /** The label of a new pack was read: whatever was read of another new one is of another pack. */
    record Offered(@Nullable BigDecimal thicknessMm) implements Told {}

    /** A new pack was built here; the first label that is read from then on is its own. */
    record Built() implements Told {}

    /**
     * The old pack came out of its device.
     *
     * @param offItsConnector by the same step, such as a pack that is docked
     */
    record LiftedOut(boolean offItsConnector) implements Told {}

    /** A step of the way back. */
    record ClosedUp() implements Told {}

    /** The old pack is in a container, or its whole device is. */
    record PutAway(boolean wholeDevice) implements Told {}

    /** A lead lowers the tier to what the newest readings say. */
    record Lowered() implements Told {}

    /** The old pack is off its connector: no current flows any more. */
    record Disconnected() implements Told {}

    /** Which pack goes in was said. */
    record GoesIn(Whose whose) implements Told {}

    /** Current through a pack. */
    sealed interface Current extends Told {
        Whose whose();
    }

    /**
     * Current flows.
     *
     * @param at since when; null since it was written
     */
    record CurrentOn(Whose whose, @Nullable Instant at) implements Current {}

    /**
     * It flows no more.
     *
     * @param at since when; null since it was written
     */
    record CurrentOff(Whose whose, @Nullable Instant at) implements Current {}

    /** It flowed for a moment. */
    record CurrentPulse(Whose whose) implements Current {}

    /** Heat is on at a place. */
    record HeatOn(String place) implements Told {}

    record HeatOff(String place) implements Told {}
}
