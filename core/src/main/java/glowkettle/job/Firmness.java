package glowkettle.job;

/**
 * How firmly an entry stands: who may correct it or take it back, if anybody. Decided for every kind. Source: handbook, Arrive, Journal.
 */
public enum Firmness {
    /** Anybody may, as long as nothing that came later stands on it. */
    LOOSE("", true),
    /** A lead's word: a lead alone may. */
    A_LEADS("It is a lead's word: a lead alone corrects it or takes it back.", true),
    /** What hands or time have done to the pack; nothing before it is undone past it by a key. */
    DONE_TO_THE_PACK("What was heated, wetted, cut, prised or bent stays so; write what comes next.", false),
    /** It has left the house. */
    GONE("The pack has left the house; write an addendum.", false),
    OPENING("The opening of a job cannot be taken back.", false),
    PHOTO("A photo is removed by a lead, with a reason.", false),
    MODEL("The job goes on as that model; its library entry is where it is corrected.", false),
    RECKONED("What was reckoned from stays so; write what comes next.", false);

    private final String refusal;
    private final boolean takeable;

    Firmness(String refusal, boolean takeable) {
        this.refusal = refusal;
        this.takeable = takeable;
    }

    /** Why it is not undone, or not by everybody. */
    public String refusal() {
        return refusal;
    }

    /** Whether anybody at all may correct it or take it back. */
    public boolean isTakeable() {
        return takeable;
    }

    /** No hand undoes it, and nothing before it is undone past it. */
    public boolean isForGood() {
        return this == DONE_TO_THE_PACK || this == GONE;
    }
}
