package glowkettle.library;

/** The face of the device that lies up. */
public enum Side {
    FRONT,
    BACK
}
