package glowkettle.journal;

import glowkettle.assess.RunDown;

/**
 * What closes a circuit, heats, loads or charges: a spark beside wet solvent. Decided for every kind, with no default, so
 * that a new kind does not compile until somebody has thought of it.
 */
final class Sparks {
    private Sparks() {}

    static boolean kindles(Entry entry) {
        return switch (entry) {
            case OpenEntry open -> kindles(open);
            case FreeEntry free -> kindles(free);
            case Entry.StepDone step -> step.way() == Entry.Way.BACK;
            case Entry.FastenersBack ignored -> true;
            case Entry.RunDownChosen chosen -> chosen.school() == RunDown.School.RUN_DOWN_FIRST;
            case Entry.ResistanceMeasured ignored -> true;
            case Entry.RunTimed ignored -> true;
            case Entry.WindowCounted ignored -> true;
            // A reader is plugged onto the pack, or the device is switched on for it.
            case Entry.GaugeRead ignored -> true;
            case Entry.ChargeSeen ignored -> true;
            case Entry.PressureHeld ignored -> true;
            case Entry.Checked ignored -> true;
            case Entry.CycleEvent ignored -> true;
            case Entry.CycleRepeated ignored -> true;
            case Entry.JobOpened ignored -> false;
            case Entry.Promised ignored -> false;
            case Entry.Quoted ignored -> false;
            case Entry.QuoteAnswered ignored -> false;
            case Entry.PhotoTaken ignored -> false;
            case Entry.PhotoRemoved ignored -> false;
            case Entry.OldPackRead ignored -> false;
            case Entry.ModelNamed ignored -> false;
            case Entry.Looked ignored -> false;
            case Entry.WarmthTaken ignored -> false;
            case Entry.SeamTaken ignored -> false;
            case Entry.ThicknessTaken ignored -> false;
            // A meter of ten megohms draws no spark.
            case Entry.VoltageTaken ignored -> false;
            case Entry.NewPackSeen ignored -> false;
            case Entry.RunDownWaived ignored -> false;
            case Entry.TierLowered ignored -> false;
            case Entry.LeadContinued ignored -> false;
            case Entry.ColdRemovalConfirmed ignored -> false;
            case Entry.Rejudged ignored -> false;
            case Entry.Evacuated ignored -> false;
            case Entry.ConditionsConfirmed ignored -> false;
            case Entry.FastenersOut ignored -> false;
            case Entry.Noted ignored -> false;
            case Entry.PackOffered ignored -> false;
            case Entry.PackChosen ignored -> false;
            case Entry.PackStored ignored -> false;
            case Entry.Watched ignored -> false;
            case Entry.PackReleased ignored -> false;
            case Entry.CycleMishap ignored -> false;
            case Entry.CycleLeftOut ignored -> false;
            case Entry.SignedOff ignored -> false;
            case Entry.Addendum ignored -> false;
            case Entry.TakenBack ignored -> false;
        };
    }

    private static boolean kindles(OpenEntry entry) {
        return switch (entry) {
            case OpenEntry.TargetsChosen ignored -> false;
            case OpenEntry.Reordered ignored -> false;
            case OpenEntry.OrderDropped ignored -> false;
            case OpenEntry.FoundInstead ignored -> false;
            case OpenEntry.MinutesLearnt ignored -> false;
            case OpenEntry.LabelSeen ignored -> false;
            case OpenEntry.OldPackReturns ignored -> false;
        };
    }

    private static boolean kindles(FreeEntry entry) {
        return switch (entry) {
            case FreeEntry.HeatStarted ignored -> true;
            // An iron, or a cutter that may bridge two leads of a charged pack.
            case FreeEntry.ConductorFreed ignored -> true;
            case FreeEntry.SandReady ignored -> false;
            // Heat off is what makes it safer.
            case FreeEntry.HeatStopped ignored -> false;
            case FreeEntry.HeatRead ignored -> false;
            case FreeEntry.StripDrawn ignored -> false;
            case FreeEntry.Prised ignored -> false;
            case FreeEntry.Bent ignored -> false;
            case FreeEntry.SolventApplied ignored -> false;
            case FreeEntry.SolventUncovered ignored -> false;
            case FreeEntry.LeadsNoted ignored -> false;
            case FreeEntry.LeadSchoolChosen ignored -> false;
            case FreeEntry.ConductorCovered ignored -> false;
            case FreeEntry.NewLeadsMeasured ignored -> false;
        };
    }
}
