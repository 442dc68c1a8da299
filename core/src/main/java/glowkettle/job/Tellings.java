package glowkettle.job;

import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;

/** Everything that the entries of a job tell of its packs, in the order of the journal. */
record Tellings(List<At> all) {
    Tellings {
        all = List.copyOf(all);
    }

    /** What was told, and when it was written. */
    record At(Instant at, Told told) {}

    static Tellings of(Chapters chapters, JobState state, DeviceModel model, ShopLimits limits) {
        return new Tellings(state.counting().stream()
                .flatMap(recorded ->
                        chapters
                                .tells(recorded.entry(), model, limits)
                                .map(told -> new At(recorded.at(), told))
                                .stream())
                .toList());
    }

    private <T extends Told> Stream<T> each(Class<T> type) {
        return all.stream().map(At::told).filter(type::isInstance).map(type::cast);
    }

    private boolean has(Class<? extends Told> type) {
        return all.stream().anyMatch(one -> type.isInstance(one.told()));
    }

    /** The pack at the device by now. */
    Told.Whose atHand() {
        AtHand atHand = new AtHand(oldPackReturns());
        all.forEach(one -> atHand.take(one.told()));
        return atHand.meant(Told.Whose.AT_HAND);
    }

    boolean liftedOut() {
        return has(Told.LiftedOut.class);
    }

    boolean closingUp() {
        return has(Told.ClosedUp.class);
    }

    boolean disconnected() {
        return has(Told.Disconnected.class) || each(Told.LiftedOut.class).anyMatch(Told.LiftedOut::offItsConnector);
    }

    boolean putAway() {
        return has(Told.PutAway.class);
    }

    boolean offered() {
        return has(Told.Offered.class);
    }

    /** Alone in a container: it took its tier along. A device that was put away whole keeps its pack. */
    boolean oldPackIsAway() {
        return liftedOut()
                && each(Told.PutAway.class)
                        .reduce((earlier, later) -> later)
                        .filter(away -> !away.wholeDevice())
                        .isPresent();
    }

    /** What was said last is that the old pack goes in again, whether that still holds or not. */
    boolean oldPackReturns() {
        return each(Told.GoesIn.class)
                .reduce((earlier, later) -> later)
                .filter(last -> last.whose() == Told.Whose.OLD)
                .isPresent();
    }
}
