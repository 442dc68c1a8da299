package glowkettle.library;

/** What is done in one operation of a teardown. */
public enum OperationKind {
    POWER_OFF,
    TAKE_OUT_CARD,
    LIFT_FOOT_OR_LABEL,
    LOOSEN_FASTENERS,
    CLIP_RUN,
    PULL_SUCTION,
    CUT_ADHESIVE,
    UNLATCH_CONNECTOR,
    PEEL_TAPE,
    MOVE_CABLE,
    LIFT_PART,
    DISCONNECT_PACK,
    FREE_PACK,
    LIFT_PACK_OUT,
    /** A docked pack has no cable: lifting it out is what disconnects it. */
    LIFT_DOCKED_PACK_OUT;

    public boolean disconnects() {
        return this == DISCONNECT_PACK || this == LIFT_DOCKED_PACK_OUT;
    }

    /** True for what hides things again on the way back. */
    public boolean closes() {
        return this == LIFT_PART || this == CLIP_RUN || this == CUT_ADHESIVE || this == PULL_SUCTION;
    }

    /** What is laid down is the part that was glued, not what held it or lay under it. */
    public boolean isThePartItself() {
        return this == LIFT_PART || this == LIFT_PACK_OUT || this == LIFT_DOCKED_PACK_OUT;
    }

    /** On the way back the pack lies in its well after it. */
    public boolean laysThePack() {
        return this == FREE_PACK || this == LIFT_PACK_OUT || this == LIFT_DOCKED_PACK_OUT;
    }

    /** Worked along the seam, wherever the device has one. */
    public boolean isOfTheSeam() {
        return switch (this) {
            case CLIP_RUN, PULL_SUCTION, CUT_ADHESIVE -> true;
            case POWER_OFF,
                    TAKE_OUT_CARD,
                    LIFT_FOOT_OR_LABEL,
                    LOOSEN_FASTENERS,
                    UNLATCH_CONNECTOR,
                    PEEL_TAPE,
                    MOVE_CABLE,
                    LIFT_PART,
                    DISCONNECT_PACK,
                    FREE_PACK,
                    LIFT_PACK_OUT,
                    LIFT_DOCKED_PACK_OUT -> false;
        };
    }

    public boolean plugs() {
        return this == UNLATCH_CONNECTOR;
    }
}
