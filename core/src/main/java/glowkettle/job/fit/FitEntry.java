package glowkettle.job.fit;

import glowkettle.assess.HazardReadings;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import glowkettle.finding.Worded;
import glowkettle.fit.Offer;
import glowkettle.fit.PackLabel;
import glowkettle.job.Entry;
import glowkettle.library.OldPack;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is read of both packs where one takes the place of the other, and which one goes in. */
public sealed interface FitEntry extends Entry {
    /** The label of the old pack and its bay, where the model is only a family. */
    record OldPackRead(OldPack pack) implements FitEntry {}

    /** A pack that can be had, from its seller's text; one of the same name takes the place of an earlier one. */
    record OfferNoted(Offer offer) implements FitEntry {}

    /** An offer that is no more. */
    record OfferDropped(@Says(value = "Name", longest = 80) String name) implements FitEntry {}

    /** How long the owner wants to keep the device. */
    record LifePlanned(
            @Says("Years it is kept") @Within(min = "0.1", max = "30", unit = "years")
            BigDecimal years,

            @Says("Cycles a year; the shop's when not said") @Within(min = "1", max = "2000") @Nullable
            BigDecimal cyclesPerYear)
            implements FitEntry {}

    /** The backup cell of a device is a pack of its own: it stays, is replaced, or is left out. */
    record CoinCellSettled(
            @Says("What becomes of it") CoinCell outcome,

            @Says(value = "Container of the one that came out", longest = 80) @Nullable
            String container)
            implements FitEntry {}

    /** What becomes of a backup cell. */
    enum CoinCell implements Worded {
        BACK("the same goes back", "Its clock has to be set."),
        REPLACED("a new one goes in", "Its backup cell was replaced; its clock has to be set."),
        LEFT_OUT("none goes in", "Its backup cell was left out: whenever the pack is empty, its clock is lost.");

        private final String words;
        private final String forTheOwner;

        CoinCell(String words, String forTheOwner) {
            this.words = words;
            this.forTheOwner = forTheOwner;
        }

        @Override
        public String words() {
            return words;
        }

        public String forTheOwner() {
            return forTheOwner;
        }
    }

    /** A new pack's label and size. */
    record PackOffered(PackLabel label) implements FitEntry {}

    /** The new pack, as it came out of its box. */
    record NewPackSeen(
            HazardReadings.Look look,
            HazardReadings.Thickness thickness,
            HazardReadings.Voltage voltage,

            @Says("Mass") @Within(min = "0.1", max = "100000", unit = "g") @Nullable
            BigDecimal massG)
            implements FitEntry {}

    /** Its plug shows next to nothing, and neither its cells nor a gauge can be read: it may be asleep. */
    record PackAsleep() implements FitEntry {}

    /** The offered pack is the one that goes in; which one is named by its entry, or it was the newest by then. */
    record PackChosen(
            @Says("The pack, by the entry of its label") @Within(min = "1", max = "1000000000", whole = true) @Nullable
            BigDecimal offer)
            implements FitEntry {
        public PackChosen() {
            this(null);
        }
    }

    /** The old pack goes in again: it came out only to reach something else. */
    record OldPackReturns() implements FitEntry {}

    /** The new pack's leads under the meter, as journals have it from before they were told apart at Join. */
    record NewLeadsMeasured(List<NewLead> leads) implements FitEntry {
        public NewLeadsMeasured {
            leads = List.copyOf(leads);
        }
    }

    /** A lead of the new pack: its colour as it is, and what the meter says against the lead that reads lowest. */
    record NewLead(
            @Says(value = "Colour found", longest = 30) String colour,

            @Says("Against the lead that reads lowest") @Within(min = "0", max = "120", unit = "V")
            BigDecimal volts) {}
}
