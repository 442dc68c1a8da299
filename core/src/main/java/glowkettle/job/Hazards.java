package glowkettle.job;

import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardTier;
import glowkettle.assess.TierVerdict;
import glowkettle.finding.Result;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Gathers the readings of a journal for the hazard tier of each pack, entry by entry. When heat and current were on is known
 * here and never asked for.
 */
final class Hazards {
    private final DeviceModel model;
    private final ShopLimits limits;
    private final Activity ofTheNew;
    private final AtHand atHand;
    private PackReadings old;
    private PackReadings fresh;
    private Told.@Nullable Offered offered;
    /** A pack was built, and nobody has read a label since. */
    private boolean built;

    private Told.@Nullable Unpacked seen;
    private @Nullable BigDecimal ambientC;

    /** Nothing is gathered yet; what was told says what was promised of the packs, and what was on when. */
    Hazards(Tellings told, DeviceModel model, ShopLimits limits) {
        this.model = model;
        this.limits = limits;
        this.ofTheNew = Activity.of(told, Told.Whose.NEW);
        this.atHand = new AtHand(told.oldPackReturns());
        this.old = new PackReadings(model, limits, Activity.of(told, Told.Whose.OLD));
        this.fresh = new PackReadings(model, limits, ofTheNew);
    }

    static Hazards all(Tellings told, DeviceModel model, ShopLimits limits) {
        Hazards hazards = new Hazards(told, model, limits);
        told.all().forEach(one -> hazards.take(one.told(), one.at()));
        return hazards;
    }

    /** The pack a reading tells of. */
    enum Belongs {
        OLD,
        NEW
    }

    /**
     * Takes in what an entry tells. The old pack is read until it is put away alone, or the way back begins with another one. Its watch
     * goes on; a bend and a heat at its bond are its own in any case.
     *
     * @return the pack it is a reading of; empty where it is none
     */
    Optional<Belongs> take(Told told, Instant at) {
        atHand.take(told);
        if (isAnotherPack(told)) {
            seen = null;
            fresh = new PackReadings(model, limits, ofTheNew.since(at));
        }
        return switch (told) {
            case Told.Offered label -> {
                built = false;
                offered = label;
                yield Optional.empty();
            }
            case Told.Built ignored -> {
                built = true;
                yield Optional.empty();
            }
            case Told.LiftedOut ignored -> Optional.empty();
            case Told.ClosedUp ignored -> Optional.empty();
            case Told.PutAway ignored -> Optional.empty();
            case Told.Lowered ignored -> Optional.empty();
            case Told.Disconnected ignored -> Optional.empty();
            case Told.GoesIn ignored -> Optional.empty();
            case Told.CurrentOn ignored -> Optional.empty();
            case Told.CurrentOff ignored -> Optional.empty();
            case Told.CurrentPulse ignored -> Optional.empty();
            case Told.HeatOn ignored -> Optional.empty();
            case Told.HeatOff ignored -> Optional.empty();
            case Told.Unpacked look -> {
                seen = offered == null && !built ? seen : look;
                yield Optional.of(Belongs.NEW);
            }
            case Told.Reading reading -> Optional.of(take(reading, at));
        };
    }

    /** It is looked at anew; a label that is read of the pack that was just built is of no other one. */
    boolean isAnotherPack(Told told) {
        return told instanceof Told.Built || told instanceof Told.Offered && !built;
    }

    private Belongs take(Told.Reading reading, Instant at) {
        Belongs belongs = belongs(reading.whose());
        PackReadings readings = belongs == Belongs.OLD ? old : fresh;
        readings.take(reading, at);
        ambientC = felt(reading) && readings.ambientC() != null ? readings.ambientC() : ambientC;
        return belongs;
    }

    private static boolean felt(Told.Reading reading) {
        return reading instanceof Told.Felt felt && felt.warmth().ambientC() != null || reading instanceof Told.Watched;
    }

    private Belongs belongs(Told.Whose whose) {
        return atHand.meant(whose) == Told.Whose.OLD ? Belongs.OLD : Belongs.NEW;
    }

    PackReadings ofTheOld() {
        return old;
    }

    /** The pack that was in the device when it came. */
    Result<TierVerdict> oldPack(List<Overheat> overheats) {
        return HazardTier.judge(old.ofTheOldPack(atHand.isLifted(), overheats), limits);
    }

    /** The pack that goes in; empty until somebody has looked at it, or it has current. */
    Optional<Result<TierVerdict>> newPack() {
        return seen == null && fresh.areNone()
                ? Optional.empty()
                : Optional.of(HazardTier.judge(fresh.ofTheNewPack(outOfItsBox()), limits));
    }

    /** The new pack as it came out of its box, whatever was read of it later. */
    Optional<Result<TierVerdict>> unpacked() {
        return seen == null
                ? Optional.empty()
                : Optional.of(HazardTier.judge(
                        new PackReadings(model, limits, ofTheNew).ofTheNewPack(outOfItsBox()), limits));
    }

    private Optional<PackReadings.Unpacked> outOfItsBox() {
        return Optional.ofNullable(seen)
                .map(one -> new PackReadings.Unpacked(one.look(), ofItsOwnSize(one.thickness()), of(one.voltage())));
    }

    /** Held against its own size, not the old pack's. */
    private Thickness ofItsOwnSize(Thickness taken) {
        BigDecimal ownMm = offered == null ? null : offered.thicknessMm();
        return taken.nominalThicknessMm() != null
                ? taken
                : taken.withNominal(ownMm != null ? ownMm : model.pack().size().thicknessMm());
    }

    private Voltage of(Voltage read) {
        return new Voltage(
                read.restedCellV(),
                read.highestRestedCellV(),
                read.voltageSource(),
                read.chargeLimitV() != null
                        ? read.chargeLimitV()
                        : model.pack().ratings().chargeLimitV(),
                read.cellSpreadMv());
    }

    /** The shop's air as it was read last, of whichever pack. */
    @Nullable
    BigDecimal lastAmbientC() {
        return ambientC;
    }
}
