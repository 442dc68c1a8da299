package glowkettle.job;

import static glowkettle.job.Refusals.held;
import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardReadings.VoltageSource;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.assess.Tier;
import glowkettle.cell.Box;
import glowkettle.cell.Calipered;
import glowkettle.fit.PackLabel;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.library.DeviceModel;
import glowkettle.library.OldPack;
import glowkettle.library.Ratings;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An old pack is read as it can be, returns as sound as it came out, and a new one is held against it. */
class OldPackAdmissionTest {
    private static final Look LEAKS = new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE);

    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    private static FitEntry.OldPackRead read(String nominalV, String series, Box size, Box bay) {
        return new FitEntry.OldPackRead(new OldPack(
                new Ratings(figure(nominalV), figure("4.2"), figure(series), figure("5000")),
                size,
                bay,
                "6 pins",
                null));
    }

    private static Box box(String thickness, String width, String length) {
        return new Box(figure(thickness), figure(width), figure(length));
    }

    @ParameterizedTest
    @CsvSource({
        "7.4, 2, 5, 80, 120,",
        "7.4, 2, 5.6, 82, 122,",
        "6.4, 2, 5, 80, 120,",
        "9.5, 2, 5, 80, 120, 9.5 V over 2 cells is no voltage of a lithium cell",
        "5, 2, 5, 80, 120, 5 V over 2 cells is no voltage",
        "7.4, 2, 5.7, 80, 120, The bay is smaller than the pack",
        "7.4, 2, 5, 82.1, 120, The bay is smaller than the pack",
        "7.4, 2, 5, 80, 122.1, The bay is smaller than the pack"
    })
    void anOldPackThatCannotBeIsReadAgain(
            String nominalV, String series, String thickness, String width, String length, @Nullable String why) {
        held(
                new Bench().assessed().torn(),
                read(nominalV, series, box(thickness, width, length), box("5.6", "82", "122")),
                why);
    }

    private static FitEntry.PackOffered offered(String capacityMah, @Nullable String sizeCode) {
        return new FitEntry.PackOffered(new PackLabel(
                new PackLabel.Printed(figure("7.4"), figure("8.4"), figure(capacityMah), null, sizeCode, null),
                new Calipered(null, null, null),
                null,
                null,
                null,
                null));
    }

    @Test
    void aLabelThatNobodyCanJudgeIsReadAgain() {
        Bench bench = new Bench().assessed().torn();

        refused(bench, offered("5000", "12"), "12");
        taken(bench, offered("5000", "585460"));
        taken(bench, offered("5000", null));
    }

    @Test
    void anOldPackReturnsOnlyAsSoundAsItCameOut() {
        refused(
                new Bench().assessed().torn().inHand().write(new AssessEntry.Looked(LEAKS)),
                new FitEntry.OldPackReturns(),
                "it is not fitted again");
        refused(new Bench().assessed().torn(), new FitEntry.OldPackReturns(), "Read the rested voltage");
        Bench stored = new Bench()
                .assessed()
                .torn()
                .inHand()
                .write(new IsolationEntry.PackStored("1", "Bucket 1", Tier.CLEAR, BigDecimal.TEN, null));
        refused(stored, new FitEntry.OldPackReturns(), "It lies in Bucket 1; take that back first");
        refused(
                stored,
                new IsolationEntry.PackStored("2", "Bucket 2", Tier.CLEAR, BigDecimal.TEN, null),
                "It is in Bucket 1 already");
    }

    private static Bench unknownDevice() {
        DeviceModel plain = Bench.model();
        DeviceModel.Identity known = plain.identity();
        return new Bench(new DeviceModel(
                        new DeviceModel.Identity(known.id(), known.name(), known.codes(), known.kind(), true),
                        plain.housing(),
                        plain.pack(),
                        plain.anatomy(),
                        plain.checks(),
                        plain.afterwards(),
                        List.of(),
                        List.of()))
                .assessed()
                .torn();
    }

    @Test
    void aNewPackIsHeldAgainstAnOldOneThatSomebodyRead() {
        refused(unknownDevice(), offered("5000", null), "Read the old pack's label and measure its bay first");
        taken(unknownDevice().write(oldPack("5")), offered("5000", null));
    }

    private static FitEntry.OldPackRead oldPack(String thicknessMm) {
        return read("7.4", "2", box(thicknessMm, "80", "120"), box("5.6", "82", "122"));
    }

    @Test
    void aSizeThatMakesASwollenPackSoundIsALeadsToSay() {
        Bench bench = unknownDevice()
                .write(oldPack("5"))
                .thick("5.6")
                .write(new AssessEntry.VoltageTaken(new Voltage(figure("3.8"), null, VoltageSource.CELLS, null, null)));

        refused(bench, oldPack("5.5"), "This would lower the tier from Isolate to");
        assertThat(bench.refusal(oldPack("5.5"), Role.LEAD)).isEmpty();
        taken(bench, oldPack("5"));
        taken(bench, oldPack("4.9"));
    }
}
