package glowkettle.finding;

/** A choice that says itself as a technician reads it: on a tap, in a table, in a sentence. */
public interface Worded {
    String words();
}
