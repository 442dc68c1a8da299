package glowkettle.instruments;

/** No usable answer; a reading that was not given is missing, never good. */
public final class InstrumentSilent extends Exception {
    InstrumentSilent(String message) {
        super(message);
    }

    InstrumentSilent(String message, Throwable cause) {
        super(message, cause);
    }
}
