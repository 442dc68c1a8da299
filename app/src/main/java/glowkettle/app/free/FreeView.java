package glowkettle.app.free;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.shop.Shop;
import glowkettle.finding.AppliedLimit;
import glowkettle.free.Bending;
import glowkettle.free.Effort;
import glowkettle.free.IgnitionLock;
import glowkettle.free.Ladder;
import glowkettle.free.Loosening;
import glowkettle.free.Solvent;
import glowkettle.heat.Adhesive;
import glowkettle.heat.HeatPlace;
import glowkettle.heat.Refit;
import glowkettle.heat.Setting;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.free.Dissolving;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Lid;
import glowkettle.job.free.Overheating;
import glowkettle.job.free.Overrun;
import glowkettle.job.free.Warming;
import glowkettle.job.open.Opening;
import glowkettle.library.Bond;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.open.TeardownPlan;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Free as it is drawn: the bond or the leads at hand, what runs, what is wet, and the one way to go. */
public record FreeView(
        JobFile job,
        @Nullable Bond bond,
        @Nullable HeatPanel heat,
        @Nullable LeadPanel leads,
        @Nullable Ladder ladder,
        Map<HeatPlace, String> taken,
        @Nullable PickedSetting picked,
        AtThisMoment moment) {
    /**
     * How it stands while the page is drawn: the one way to go, and what runs.
     *
     * @param refusedNow what the ignition lock, the mat or a cold removal will refuse is said before the tap
     */
    public record AtThisMoment(
            FreeTask act,
            boolean wet,
            @Nullable IgnitionLock lock,
            @Nullable String refusedNow,
            @Nullable Overrun overrun,
            @Nullable Bond heatedLast,
            @Nullable BigDecimal cellNowC,
            @Nullable Instant cooledAt) {}

    static FreeView of(JobFile job, FilledForm filled, Instant now, Shop shop, HeatPlaces places) {
        Freeing freeing = Freeing.of(job);
        Warming warming = Warming.of(job);
        Dissolving dissolving = Dissolving.of(job);
        Bond bond = warming.heated().or(freeing::bondAtHand).orElse(null);
        Bond heatable = bond == null || bond.layers().stack().adhesive() == Adhesive.STRETCH_STRIPS ? null : bond;
        Map<HeatPlace, String> taken =
                heatable != null && warming.heated().isEmpty() ? places.taken(job, shop) : Map.of();
        HeatPanel heat = heatable == null ? null : HeatPanel.of(job, heatable, shop.heatsWith(), taken.keySet(), now);
        LeadPanel leads =
                freeing.leadsAtHand().map(found -> LeadPanel.of(job, found)).orElse(null);
        Ladder ladder = bond == null ? null : ladder(freeing, bond, heat, now);
        PickedSetting picked = bond != null && heat != null && !heat.isOn()
                ? PickedSetting.of(job, bond, heat, filled, shop.hours().zone(), now)
                : null;
        return new FreeView(
                job,
                bond,
                heat == null || bond == null ? heat : heat.showing(picked, bond, job.limits()),
                leads,
                ladder,
                taken,
                picked,
                new AtThisMoment(
                        FreeTask.of(job, bond, heat, leads, ladder, now),
                        dissolving.isWet(now),
                        dissolving.ignition().orElse(null),
                        refusedNow(job, now),
                        bond == null ? null : overrun(job, bond),
                        warming.heatedLast().orElse(null),
                        warming.cellNowC().orElse(null),
                        warming.cooledAt().orElse(null)));
    }

    private static @Nullable Overrun overrun(JobFile job, Bond bond) {
        return Overheating.of(job).overruns().stream()
                .filter(one -> one.live() && one.bond().operation().equals(bond.operation()))
                .reduce((earlier, later) -> later)
                .orElse(null);
    }

    private static @Nullable String refusedNow(JobFile job, Instant now) {
        Opening opening = Opening.of(job);
        return opening.nextStep()
                .flatMap(step -> opening.refusedNow(step.operation(), now))
                .orElse(null);
    }

    /** What the hands stand before, in a few words. */
    public String holds() {
        if (bond != null) {
            return bond.place() + ", " + bond.layers().stack().adhesive().words();
        }
        return leads != null
                ? "Soldered leads"
                : step() == null ? "" : step().operation().label();
    }

    public boolean halted() {
        return Assessing.of(job).halted();
    }

    public TeardownPlan.@Nullable Step step() {
        return Opening.of(job).nextStep().orElse(null);
    }

    public @Nullable Loosening tryBy() {
        return ladder == null ? null : FreeTask.tryBy(ladder).orElse(null);
    }

    public List<FreeEntry.StripDrawn> strips() {
        return bond == null ? List.of() : Freeing.of(job).strips(bond.operation());
    }

    public List<Ladder.Try> tries() {
        return bond == null ? List.of() : Freeing.of(job).tries(bond.operation());
    }

    public List<Dose> doses() {
        return bond == null ? List.of() : Dose.of(bond, job.limits());
    }

    public Effort[] efforts() {
        return Effort.values();
    }

    /** Places to read at; none on a face of which nobody knows what it is. */
    public List<Refit.Spot> spots() {
        return Arrays.stream(Refit.Spot.values())
                .filter(spot -> switch (spot) {
                    case BELOW -> isHeatedOn(Setting.Face.BELOW);
                    case ABOVE -> isHeatedOn(Setting.Face.ABOVE);
                    case CELL, BOND -> true;
                })
                .toList();
    }

    private boolean isHeatedOn(Setting.Face face) {
        return bond != null && bond.layers().of(face).isPresent();
    }

    public Lid[] lids() {
        return Lid.values();
    }

    /** What a rim, or a bed, is glued with. */
    public List<Adhesive> adhesives(boolean seam) {
        return Arrays.stream(Adhesive.values())
                .filter(adhesive -> adhesive.isSeam() == seam)
                .toList();
    }

    public Solvent.Lies[] lies() {
        return Solvent.Lies.values();
    }

    public Bending.Shape[] shapes() {
        return Bending.Shape.values();
    }

    public boolean mayHeat() {
        return ladder != null && ladder.allows(Loosening.HEAT);
    }

    public boolean maySolvent() {
        return ladder != null && ladder.allows(Loosening.SOLVENT);
    }

    public AppliedLimits limit() {
        return new AppliedLimits(job.limits());
    }

    public BigDecimal thicknessMm() {
        return job.model().pack().size().thicknessMm();
    }

    /** What templates quote of the limits this job is judged by, by the limit's name. */
    public record AppliedLimits(ShopLimits limits) {
        public AppliedLimit of(String name) {
            return limits.applied(Limit.valueOf(name));
        }
    }

    private static Ladder ladder(Freeing freeing, Bond bond, @Nullable HeatPanel heat, Instant now) {
        Boolean windowExists =
                heat == null ? null : Boolean.valueOf(!heat.offers().isEmpty());
        return freeing.ladder(bond, windowExists, now).result();
    }
}
