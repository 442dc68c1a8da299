package glowkettle.journal;

/**
 * How firmly an entry stands: who may correct it or take it back, if anybody. Decided for every kind, with no default, so
 * that a new kind does not compile until somebody has thought of it. Source: handbook, Arrive, Journal.
 */
public enum Firmness {
    /** Anybody may, as long as nothing that came later stands on it. */
    LOOSE("", true),
    /** A lead's word: a lead alone may. */
    A_LEADS("It is a lead's word: a lead alone corrects it or takes it back.", true),
    /** What hands or time have done to the pack; nothing before it is undone past it by a key. */
    DONE("What was heated, wetted, cut, prised or bent stays so; write what comes next.", false),
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
    String refusal() {
        return refusal;
    }

    /** Whether anybody at all may correct it or take it back. */
    public boolean isTakeable() {
        return takeable;
    }

    /** No hand undoes it, and nothing before it is undone past it. */
    boolean isForGood() {
        return this == DONE || this == GONE;
    }

    public static Firmness of(Entry entry) {
        return switch (entry) {
            case OpenEntry open -> of(open);
            case FreeEntry free -> of(free);
            case Entry.JobOpened ignored -> OPENING;
            case Entry.PhotoTaken ignored -> PHOTO;
            case Entry.PhotoRemoved ignored -> PHOTO;
            case Entry.ModelNamed ignored -> MODEL;
            case Entry.PackReleased ignored -> GONE;
            case Entry.TakenBack ignored -> RECKONED;
            case Entry.LeadContinued ignored -> A_LEADS;
            case Entry.TierLowered ignored -> A_LEADS;
            case Entry.Rejudged ignored -> A_LEADS;
            case Entry.RunDownWaived ignored -> A_LEADS;
            case Entry.ColdRemovalConfirmed confirmed -> confirmed.step() == Entry.ColdStep.REMOVER ? A_LEADS : LOOSE;
            case Entry.SignedOff signed -> signed.as() == Role.LEAD ? A_LEADS : LOOSE;
            case Entry.Promised ignored -> LOOSE;
            case Entry.PressureHeld ignored -> LOOSE;
            case Entry.Quoted ignored -> LOOSE;
            case Entry.QuoteAnswered ignored -> LOOSE;
            case Entry.OldPackRead ignored -> LOOSE;
            case Entry.Looked ignored -> LOOSE;
            case Entry.WarmthTaken ignored -> LOOSE;
            case Entry.SeamTaken ignored -> LOOSE;
            case Entry.ThicknessTaken ignored -> LOOSE;
            case Entry.VoltageTaken ignored -> LOOSE;
            case Entry.GaugeRead ignored -> LOOSE;
            case Entry.WindowCounted ignored -> LOOSE;
            case Entry.RunTimed ignored -> LOOSE;
            case Entry.ResistanceMeasured ignored -> LOOSE;
            case Entry.RunDownChosen ignored -> LOOSE;
            case Entry.ChargeSeen ignored -> LOOSE;
            case Entry.Evacuated ignored -> LOOSE;
            case Entry.ConditionsConfirmed ignored -> LOOSE;
            case Entry.StepDone ignored -> LOOSE;
            case Entry.FastenersOut ignored -> LOOSE;
            case Entry.FastenersBack ignored -> LOOSE;
            case Entry.Noted ignored -> LOOSE;
            case Entry.PackOffered ignored -> LOOSE;
            case Entry.NewPackSeen ignored -> LOOSE;
            case Entry.PackChosen ignored -> LOOSE;
            case Entry.PackStored ignored -> LOOSE;
            case Entry.Watched ignored -> LOOSE;
            case Entry.Checked ignored -> LOOSE;
            case Entry.CycleEvent ignored -> LOOSE;
            case Entry.CycleMishap ignored -> LOOSE;
            case Entry.CycleRepeated ignored -> LOOSE;
            case Entry.CycleLeftOut ignored -> LOOSE;
            case Entry.Addendum ignored -> LOOSE;
        };
    }

    private static Firmness of(OpenEntry entry) {
        return switch (entry) {
            case OpenEntry.MinutesLearnt ignored -> RECKONED;
            case OpenEntry.TargetsChosen ignored -> LOOSE;
            case OpenEntry.Reordered ignored -> LOOSE;
            case OpenEntry.OrderDropped ignored -> LOOSE;
            case OpenEntry.FoundInstead ignored -> LOOSE;
            case OpenEntry.LabelSeen ignored -> LOOSE;
            case OpenEntry.OldPackReturns ignored -> LOOSE;
        };
    }

    private static Firmness of(FreeEntry entry) {
        return switch (entry) {
            case FreeEntry.HeatStarted ignored -> DONE;
            case FreeEntry.HeatStopped ignored -> DONE;
            case FreeEntry.SolventApplied ignored -> DONE;
            case FreeEntry.ConductorFreed ignored -> DONE;
            case FreeEntry.Prised ignored -> DONE;
            case FreeEntry.Bent ignored -> DONE;
            case FreeEntry.SandReady ignored -> LOOSE;
            case FreeEntry.HeatRead ignored -> LOOSE;
            case FreeEntry.StripDrawn ignored -> LOOSE;
            case FreeEntry.SolventUncovered ignored -> LOOSE;
            case FreeEntry.LeadsNoted ignored -> LOOSE;
            case FreeEntry.NewLeadsMeasured ignored -> LOOSE;
            case FreeEntry.LeadSchoolChosen ignored -> LOOSE;
            case FreeEntry.ConductorCovered ignored -> LOOSE;
        };
    }
}
