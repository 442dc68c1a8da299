package glowkettle.journal;

import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.HazardReadings.Voltage;
import glowkettle.assess.HazardTier;
import glowkettle.assess.TierVerdict;
import glowkettle.finding.Result;
import glowkettle.library.DeviceModel;
import glowkettle.library.OperationKind;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
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
    private final Activity activity;
    private final boolean oldPackReturns;
    private PackReadings old;
    private PackReadings fresh;
    private Entry.@Nullable PackOffered offered;
    private Entry.@Nullable NewPackSeen seen;
    private @Nullable BigDecimal ambientC;
    private boolean lifted;
    private boolean changed;

    /** Nothing is gathered yet; the state tells what was promised of the packs, and what was on when. */
    Hazards(JobState state, DeviceModel model, ShopLimits limits) {
        this.model = model;
        this.limits = limits;
        this.activity = new Activity(state, model, limits);
        this.oldPackReturns = PackPromise.isOfTheOldPack(state);
        this.old = new PackReadings(model, activity);
        this.fresh = new PackReadings(model, activity);
    }

    static Hazards all(JobState state, DeviceModel model, ShopLimits limits) {
        Hazards hazards = new Hazards(state, model, limits);
        state.counting().forEach(hazards::take);
        return hazards;
    }

    /** The pack a reading tells of. */
    enum Belongs {
        OLD,
        NEW
    }

    /**
     * Takes an entry in. The old pack is read until it is put away alone, or the way back begins with another one. Its watch
     * goes on; a bend and a heat at its bond are its own in any case.
     *
     * @return the pack it is a reading of; empty where it is none
     */
    Optional<Belongs> take(Recorded recorded) {
        Entry entry = recorded.entry();
        if (entry instanceof Entry.StepDone step) {
            lifted |= step.way() == Entry.Way.IN && liftsOut(model, step.step());
            changed |= step.way() == Entry.Way.BACK && lifted && !oldPackReturns;
        } else if (entry instanceof Entry.PackStored stored) {
            changed |= !Boolean.TRUE.equals(stored.wholeDevice()) && lifted && !oldPackReturns;
        } else if (entry instanceof Entry.PackOffered label) {
            // Another pack is looked at anew.
            offered = label;
            seen = null;
        } else if (entry instanceof Entry.NewPackSeen look) {
            seen = offered == null ? seen : look;
            return Optional.of(Belongs.NEW);
        }
        if (!(entry instanceof Entry.Reading reading)) {
            return Optional.empty();
        }
        Belongs belongs = belongs(reading);
        PackReadings readings = belongs == Belongs.OLD ? old : fresh;
        readings.take(reading, recorded.at());
        ambientC = felt(reading) && readings.ambientC() != null ? readings.ambientC() : ambientC;
        return Optional.of(belongs);
    }

    private static boolean felt(Entry.Reading reading) {
        return reading instanceof Entry.WarmthTaken taken && taken.warmth().ambientC() != null
                || reading instanceof Entry.Watched;
    }

    private Belongs belongs(Entry.Reading reading) {
        Belongs now = changed ? Belongs.NEW : Belongs.OLD;
        return switch (reading) {
            case Entry.Watched ignored -> Belongs.OLD;
            case FreeEntry.HeatRead ignored -> Belongs.OLD;
            case FreeEntry.Bent ignored -> Belongs.OLD;
            case Entry.GaugeRead read -> read.moment() == Entry.Moment.BEFORE ? Belongs.OLD : Belongs.NEW;
            case Entry.NewPackSeen ignored -> Belongs.NEW;
            case Entry.Looked ignored -> now;
            case Entry.WarmthTaken ignored -> now;
            case Entry.SeamTaken ignored -> now;
            case Entry.ThicknessTaken ignored -> now;
            case Entry.VoltageTaken ignored -> now;
        };
    }

    PackReadings ofTheOld() {
        return old;
    }

    /** The pack that was in the device when it came. */
    Result<TierVerdict> oldPack(List<Overrun> overruns) {
        return HazardTier.judge(old.ofTheOldPack(lifted, overruns), limits);
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
                : Optional.of(HazardTier.judge(new PackReadings(model, activity).ofTheNewPack(outOfItsBox()), limits));
    }

    private Optional<PackReadings.Unpacked> outOfItsBox() {
        return Optional.ofNullable(seen)
                .map(one -> new PackReadings.Unpacked(one.look(), ofItsOwnSize(one.thickness()), of(one.voltage())));
    }

    /** Held against its own size, not the old pack's. */
    private Thickness ofItsOwnSize(Thickness taken) {
        BigDecimal ownMm = offered == null ? null : offered.label().thicknessMm();
        return taken.nominalThicknessMm() != null
                ? taken
                : taken.withNominal(ownMm != null ? ownMm : model.pack().thicknessMm());
    }

    private Voltage of(Voltage read) {
        return new Voltage(
                read.restedCellV(),
                read.highestRestedCellV(),
                read.voltageSource(),
                read.chargeLimitV() != null ? read.chargeLimitV() : model.pack().chargeLimitV(),
                read.cellSpreadMv());
    }

    /** The shop's air as it was read last, of whichever pack. */
    @Nullable
    BigDecimal lastAmbientC() {
        return ambientC;
    }

    /** Alone in a container: it took its tier along. A device that was put away whole keeps its pack. */
    static boolean oldPackIsAway(JobState state, DeviceModel model) {
        return state.latest(Entry.PackStored.class)
                .filter(stored -> !Boolean.TRUE.equals(stored.wholeDevice()) && liftedOut(state, model))
                .isPresent();
    }

    static boolean liftedOut(JobState state, DeviceModel model) {
        return state.steps(Entry.Way.IN).stream().anyMatch(step -> liftsOut(model, step));
    }

    static boolean liftsOut(DeviceModel model, String step) {
        return model.operation(step)
                .filter(operation -> operation.kind() == OperationKind.LIFT_PACK_OUT
                        || operation.kind() == OperationKind.LIFT_DOCKED_PACK_OUT)
                .isPresent();
    }
}
