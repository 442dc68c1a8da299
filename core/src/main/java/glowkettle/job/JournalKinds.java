package glowkettle.job;

import java.util.List;

/** Every kind of entry that may be written at the journal itself, each with all that is decided of it. */
final class JournalKinds {
    static final List<Kind<? extends JournalEntry>> ALL =
            List.of(Kind.of("taken-back", TakenBack.class, Traits.TAPPED, Spark.HARMLESS, Firmness.RECKONED)
                    .says(taken -> "Taken back" + (taken.reason() == null ? "" : ": " + taken.reason()))
                    .tellsNothing()
                    .admitsAny());

    private JournalKinds() {}
}
