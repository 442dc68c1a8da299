package glowkettle.journal;

import java.util.Map;
import java.util.stream.Collectors;

/**
 * Every kind of entry by the id it is stored under. The ids are text of their own: they stay when a class is named anew, so
 * that whatever was ever written is read. A test holds that none is forgotten, and that journals of every kind from every
 * released version are still read.
 */
public final class Kinds {
    public static final Map<String, Class<? extends Entry>> BY_ID = Map.ofEntries(
            Map.entry("job-opened", Entry.JobOpened.class),
            Map.entry("promised", Entry.Promised.class),
            Map.entry("pressure-held", Entry.PressureHeld.class),
            Map.entry("quoted", Entry.Quoted.class),
            Map.entry("quote-answered", Entry.QuoteAnswered.class),
            Map.entry("photo-taken", Entry.PhotoTaken.class),
            Map.entry("photo-removed", Entry.PhotoRemoved.class),
            Map.entry("old-pack-read", Entry.OldPackRead.class),
            Map.entry("model-named", Entry.ModelNamed.class),
            Map.entry("looked", Entry.Looked.class),
            Map.entry("warmth-taken", Entry.WarmthTaken.class),
            Map.entry("seam-taken", Entry.SeamTaken.class),
            Map.entry("thickness-taken", Entry.ThicknessTaken.class),
            Map.entry("voltage-taken", Entry.VoltageTaken.class),
            Map.entry("gauge-read", Entry.GaugeRead.class),
            Map.entry("window-counted", Entry.WindowCounted.class),
            Map.entry("run-timed", Entry.RunTimed.class),
            Map.entry("resistance-measured", Entry.ResistanceMeasured.class),
            Map.entry("run-down-chosen", Entry.RunDownChosen.class),
            Map.entry("run-down-waived", Entry.RunDownWaived.class),
            Map.entry("charge-seen", Entry.ChargeSeen.class),
            Map.entry("lead-continued", Entry.LeadContinued.class),
            Map.entry("tier-lowered", Entry.TierLowered.class),
            Map.entry("cold-removal-confirmed", Entry.ColdRemovalConfirmed.class),
            Map.entry("rejudged", Entry.Rejudged.class),
            Map.entry("evacuated", Entry.Evacuated.class),
            Map.entry("conditions-confirmed", Entry.ConditionsConfirmed.class),
            Map.entry("step-done", Entry.StepDone.class),
            Map.entry("fasteners-out", Entry.FastenersOut.class),
            Map.entry("fasteners-back", Entry.FastenersBack.class),
            Map.entry("noted", Entry.Noted.class),
            Map.entry("pack-offered", Entry.PackOffered.class),
            Map.entry("new-pack-seen", Entry.NewPackSeen.class),
            Map.entry("pack-chosen", Entry.PackChosen.class),
            Map.entry("pack-stored", Entry.PackStored.class),
            Map.entry("watched", Entry.Watched.class),
            Map.entry("pack-released", Entry.PackReleased.class),
            Map.entry("checked", Entry.Checked.class),
            Map.entry("cycle-event", Entry.CycleEvent.class),
            Map.entry("cycle-mishap", Entry.CycleMishap.class),
            Map.entry("cycle-repeated", Entry.CycleRepeated.class),
            Map.entry("cycle-left-out", Entry.CycleLeftOut.class),
            Map.entry("signed-off", Entry.SignedOff.class),
            Map.entry("addendum", Entry.Addendum.class),
            Map.entry("taken-back", Entry.TakenBack.class),
            Map.entry("sand-ready", FreeEntry.SandReady.class),
            Map.entry("heat-started", FreeEntry.HeatStarted.class),
            Map.entry("heat-stopped", FreeEntry.HeatStopped.class),
            Map.entry("heat-read", FreeEntry.HeatRead.class),
            Map.entry("strip-drawn", FreeEntry.StripDrawn.class),
            Map.entry("prised", FreeEntry.Prised.class),
            Map.entry("bent", FreeEntry.Bent.class),
            Map.entry("solvent-applied", FreeEntry.SolventApplied.class),
            Map.entry("solvent-uncovered", FreeEntry.SolventUncovered.class),
            Map.entry("leads-noted", FreeEntry.LeadsNoted.class),
            Map.entry("new-leads-measured", FreeEntry.NewLeadsMeasured.class),
            Map.entry("lead-school-chosen", FreeEntry.LeadSchoolChosen.class),
            Map.entry("conductor-freed", FreeEntry.ConductorFreed.class),
            Map.entry("conductor-covered", FreeEntry.ConductorCovered.class),
            Map.entry("targets-chosen", OpenEntry.TargetsChosen.class),
            Map.entry("reordered", OpenEntry.Reordered.class),
            Map.entry("order-dropped", OpenEntry.OrderDropped.class),
            Map.entry("found-instead", OpenEntry.FoundInstead.class),
            Map.entry("minutes-learnt", OpenEntry.MinutesLearnt.class),
            Map.entry("label-seen", OpenEntry.LabelSeen.class),
            Map.entry("old-pack-returns", OpenEntry.OldPackReturns.class));

    private static final Map<Class<? extends Entry>, String> IDS =
            BY_ID.entrySet().stream().collect(Collectors.toUnmodifiableMap(Map.Entry::getValue, Map.Entry::getKey));

    private Kinds() {}

    static String id(Class<? extends Entry> kind) {
        String id = IDS.get(kind);
        if (id == null) {
            throw new IllegalStateException("%s has no id under which it could be stored".formatted(kind));
        }
        return id;
    }
}
