package glowkettle.demo;

/** Jobs of the demo that somebody looks for, whatever their numbers are. */
public enum DemoJob {
    /** Handed back long ago; its old pack was collected. */
    CLOSED,
    /** Charges towards the soak. */
    CALIBRATING,
    /** Its cycle is through and its old pack is stored. */
    READY_TO_SIGN,
    /** Went into isolation at the counter. */
    ISOLATED,
    /** Smoked, and the room was cleared. */
    EVACUATED,
    /** A few checks are still to be done. */
    PROVING,
    /** Offered a pack with more in it than its body can hold. */
    FITTING,
    /** Some steps of the way back are still to go. */
    GOING_BACK,
    /** Half open. */
    OPENING,
    /** Waits for its owner to say yes. */
    QUOTED,
    /** Kept in use and gauged every week. */
    WATCHED_SWELLING,
    /** Lies on the mat. */
    HEATING,
    /** Its pack is to be prised loose. */
    GLUED_IN,
    /** Solvent soaks under its pack. */
    SOLVENT_WET,
    /** Has a screw that its model does not have. */
    OTHER_SCREW,
    /** Four packs can be had, one of them with more on its label than its body holds. */
    OFFERS,
    /** Its new pack's leads have other colours. */
    TELLING_APART,
    /** Its controller moves to a new cell. */
    MOVING_BOARD,
    /** Its new pack of eight cells is being built. */
    BUILDING,
    /** Two hundred cells are matched into fourteen groups of ten. */
    BANK
}
