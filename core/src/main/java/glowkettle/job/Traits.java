package glowkettle.job;

/** What is decided of every kind of entry, whatever it says. There are no defaults: forgetting one does not compile. */
public record Traits(
        Source source, Mended mended, Reads reads, Signed signed, Hands hands, Holds holds, Then then, Opens opens) {
    /** What most taps are. */
    public static final Traits TAPPED = new Traits(
            Source.FORM,
            Mended.TAKEN_BACK,
            Reads.NO_READING,
            Signed.UNTIL_SIGNED,
            Hands.NO_TRAINEE_IN_DANGER,
            Holds.UNTIL_TAKEN_BACK,
            Then.GOES_ON,
            Opens.NOTHING);

    /** What most typed figures are that are no reading of a pack. */
    public static final Traits TYPED = new Traits(
            Source.FORM,
            Mended.TYPED_ANEW,
            Reads.NO_READING,
            Signed.UNTIL_SIGNED,
            Hands.NO_TRAINEE_IN_DANGER,
            Holds.UNTIL_TAKEN_BACK,
            Then.GOES_ON,
            Opens.NOTHING);

    /** What most readings of a pack are. */
    public static final Traits READ = new Traits(
            Source.FORM,
            Mended.TYPED_ANEW,
            Reads.READING,
            Signed.UNTIL_SIGNED,
            Hands.ANYBODY,
            Holds.UNTIL_TAKEN_BACK,
            Then.GOES_ON,
            Opens.NOTHING);

    /** What most entries are that no form of a stage writes. */
    public static final Traits WRITTEN_BY_ITS_PAGE = new Traits(
            Source.OWN_PAGE,
            Mended.TAKEN_BACK,
            Reads.NO_READING,
            Signed.UNTIL_SIGNED,
            Hands.NO_TRAINEE_IN_DANGER,
            Holds.UNTIL_TAKEN_BACK,
            Then.GOES_ON,
            Opens.NOTHING);

    /** The same, of a reading of a pack. */
    public Traits reading() {
        return new Traits(source, mended, Reads.READING, signed, hands, holds, then, opens);
    }

    /** The same, and it may be written when the job is signed. */
    public Traits afterSigning() {
        return new Traits(source, mended, reads, Signed.AFTER_SIGNING, hands, holds, then, opens);
    }

    /** The same, and whoever stands nearest may do it. */
    public Traits byAnybody() {
        return new Traits(source, mended, reads, signed, Hands.ANYBODY, holds, then, opens);
    }

    /** The same, and what came before it may change all the same. */
    public Traits judgedAnew() {
        return new Traits(source, mended, reads, signed, hands, Holds.JUDGED_ANEW, then, opens);
    }

    /** The same, and what it says is read before anybody goes on. */
    public Traits readFirst() {
        return new Traits(source, mended, reads, signed, hands, holds, Then.IS_READ_FIRST, opens);
    }

    /** The same, and hands opened the device by it. */
    public Traits opening() {
        return new Traits(source, mended, reads, signed, hands, holds, then, Opens.THE_DEVICE);
    }

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

    /** Whether what was measured before the work, of a pack that is known, is read before anybody goes on. */
    public enum Then {
        GOES_ON,
        IS_READ_FIRST
    }

    /** Whether hands opened the device by it. */
    public enum Opens {
        NOTHING,
        THE_DEVICE
    }
}
