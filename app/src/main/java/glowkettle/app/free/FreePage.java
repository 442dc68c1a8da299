package glowkettle.app.free;

import glowkettle.app.binding.Attempt;
import glowkettle.app.desk.StagePage;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.finding.AppliedLimit;
import glowkettle.free.Bending;
import glowkettle.free.Effort;
import glowkettle.free.Ladder;
import glowkettle.free.Loosening;
import glowkettle.free.Solvent;
import glowkettle.heat.Adhesive;
import glowkettle.heat.Refit;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import glowkettle.job.assess.Assessing;
import glowkettle.job.free.FreeChapter;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Overheating;
import glowkettle.job.open.Opening;
import glowkettle.library.Bond;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The bond or the leads at hand: one way to go, what runs, what is wet, and what is never done. */
@Component
class FreePage implements StagePage {
    private final HeatPlaces places;
    private final ShopBook book;

    FreePage(HeatPlaces places, ShopBook book) {
        this.places = places;
        this.book = book;
    }

    @Override
    public Stage stage() {
        return FreeChapter.STAGE;
    }

    @Override
    public void fill(Model model, JobFile job, Attempt attempt, Instant now) {
        Freeing freeing = Freeing.of(job);
        Shop shop = book.shop();
        Bond bond = freeing.heated().or(freeing::bondAtHand).orElse(null);
        HeatPanel heat = bond == null || bond.stack().adhesive() == Adhesive.STRETCH_STRIPS
                ? null
                : HeatPanel.of(job, bond, shop.heatsWith(), now);
        LeadPanel leads =
                freeing.leadsAtHand().map(found -> LeadPanel.of(job, found)).orElse(null);
        Ladder ladder = bond == null ? null : ladder(freeing, bond, heat, now);
        model.addAttribute("halted", Assessing.of(job).halted());
        model.addAttribute("cellNowC", freeing.cellNowC().orElse(null));
        model.addAttribute("cooledAt", freeing.cooledAt().orElse(null));
        model.addAttribute("heatedLast", freeing.heatedLast().orElse(null));
        model.addAttribute(
                "overrun",
                bond == null
                        ? null
                        : Overheating.of(job).overruns().stream()
                                .filter(one ->
                                        one.live() && one.bond().operation().equals(bond.operation()))
                                .reduce((earlier, later) -> later)
                                .orElse(null));
        model.addAttribute("refusedNow", refusedNow(job, now));
        model.addAttribute("step", Opening.of(job).nextStep().orElse(null));
        model.addAttribute("bond", bond);
        model.addAttribute("heat", heat);
        model.addAttribute("taken", heat == null || heat.isOn() ? Map.of() : places.taken(job, shop));
        PickedSetting picked = heat == null || heat.isOn()
                ? null
                : PickedSetting.of(job, bond, heat, attempt, shop.hours().zone(), now);
        model.addAttribute("picked", picked);
        if (picked != null) {
            model.addAttribute("attempt", picked.asAttempt());
        }
        model.addAttribute("leads", leads);
        model.addAttribute("ladder", ladder);
        model.addAttribute(
                "tryBy", ladder == null ? null : FreeTask.tryBy(ladder).orElse(null));
        model.addAttribute("lock", freeing.ignition().orElse(null));
        model.addAttribute("wet", freeing.isWet(now));
        model.addAttribute("act", FreeTask.of(freeing, bond, heat, leads, ladder, now));
        model.addAttribute("strips", bond == null ? List.of() : freeing.strips(bond.operation()));
        model.addAttribute("tries", bond == null ? List.of() : freeing.tries(bond.operation()));
        model.addAttribute("doses", bond == null ? List.of() : Dose.of(bond, job.limits()));
        model.addAttribute("efforts", Effort.values());
        model.addAttribute("spots", Refit.Spot.values());
        model.addAttribute("lies", Solvent.Lies.values());
        model.addAttribute("shapes", Bending.Shape.values());
        model.addAttribute("mayHeat", ladder != null && ladder.allows(Loosening.HEAT));
        model.addAttribute("maySolvent", ladder != null && ladder.allows(Loosening.SOLVENT));
        model.addAttribute("limit", new AppliedLimits(job.limits()));
        model.addAttribute("thicknessMm", job.model().pack().thicknessMm());
    }

    /** What the ignition lock, the mat or a cold removal will refuse is said before the tap. */
    private static @Nullable String refusedNow(JobFile job, Instant now) {
        Opening opening = Opening.of(job);
        return opening.nextStep()
                .flatMap(step -> opening.refusedNow(step.operation(), now))
                .orElse(null);
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
