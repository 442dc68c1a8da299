package glowkettle.job;

import glowkettle.job.Told.Whose;

/** Which pack is at the device by then: the old one, until another has taken its place or is charged. */
final class AtHand {
    private final boolean oldPackReturns;
    private boolean lifted;
    private boolean changed;

    AtHand(boolean oldPackReturns) {
        this.oldPackReturns = oldPackReturns;
    }

    void take(Told told) {
        lifted |= told instanceof Told.LiftedOut;
        boolean another = told instanceof Told.ClosedUp
                || told instanceof Told.PutAway away && !away.wholeDevice()
                || told instanceof Told.CurrentOn on && on.whose() == Whose.NEW;
        changed |= another && lifted && !oldPackReturns;
    }

    boolean isLifted() {
        return lifted;
    }

    /** The pack that is meant: never one that is only at hand. */
    Whose meant(Whose whose) {
        return switch (whose) {
            case OLD, NEW -> whose;
            case AT_HAND -> changed ? Whose.NEW : Whose.OLD;
        };
    }
}
