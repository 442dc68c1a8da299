package glowkettle.job;

/** What is decided of every kind of entry, whatever it says. There are no defaults: forgetting one does not compile. */
public record Traits(Source source, Mended mended, Reads reads, Signed signed, Hands hands, Holds holds) {
    /** Who writes it. */
    public enum Source {
        /** Any form of a stage. */
        FORM,
        /** A page of its own, since more than a journal must know of it, or the product by itself. */
        OWN_PAGE
    }

    /** How it is put right. */
    public enum Mended {
        /** It is typed, so it is typed anew. */
        TYPED_ANEW,
        /** It is tapped, so it is taken back. */
        TAKEN_BACK
    }

    /** Whether it tells how a pack is: whatever lowers a tier without being a reading is a lead's to say. */
    public enum Reads {
        READING,
        NO_READING
    }

    /** Whether it may be written when the job is signed. */
    public enum Signed {
        UNTIL_SIGNED,
        /** The old pack outlives its job: it is watched, and leaves, when the device is long gone. */
        AFTER_SIGNING
    }

    /** Whose hands may do it in a job of tier Isolate or worse. */
    public enum Hands {
        /** Whoever stands nearest takes the heat away, says what is seen, and shows it. */
        ANYBODY,
        NO_TRAINEE_IN_DANGER
    }

    /** Whether what came before it may still be changed so that it would not be taken any more. */
    public enum Holds {
        /** Not while it stands. */
        UNTIL_TAKEN_BACK,
        /** It may: a promise is judged anew whenever something is asked of it. */
        JUDGED_ANEW
    }
}
