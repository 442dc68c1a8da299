package glowkettle.app.free;

import glowkettle.free.Effort;
import glowkettle.free.Ladder;
import glowkettle.free.Loosening;
import glowkettle.job.JobFile;
import glowkettle.job.free.Dissolving;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import glowkettle.job.free.Warming;
import glowkettle.job.open.Held;
import glowkettle.library.Bond;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What the page is about now; the template draws one of these big. */
public enum FreeTask {
    ELSEWHERE,
    SAND,
    CONDITIONS,
    FIND_RIM,
    FIND_BED,
    FIND_LEADS,
    NOT_GLUED,
    HEATING,
    DWELLING,
    COOLING,
    TRY,
    HEAT,
    SOLVENT,
    STRIPS,
    FREE,
    NOTHING,
    LEADS_NOTE,
    LEADS_SCHOOL,
    LEADS_OFF;

    static FreeTask of(
            JobFile job,
            @Nullable Bond bond,
            @Nullable HeatPanel heat,
            @Nullable LeadPanel leads,
            @Nullable Ladder ladder,
            Instant now) {
        if (heat != null && heat.isOn()) {
            return HEATING;
        }
        Freeing freeing = Freeing.of(job);
        boolean notGlued =
                bond == null && leads == null && freeing.notGluedAtHand().isPresent();
        Optional<Held> undescribed = freeing.heldAtHand();
        if (bond == null && leads == null && !notGlued && undescribed.isEmpty()) {
            return ELSEWHERE;
        }
        if (!freeing.sandReady()) {
            return SAND;
        }
        if (freeing.waitsForConditions()) {
            return CONDITIONS;
        }
        if (undescribed.isPresent()) {
            return finding(undescribed.get());
        }
        if (notGlued) {
            return NOT_GLUED;
        }
        if (leads != null) {
            return leads.noted() ? leads.school() == null ? LEADS_SCHOOL : LEADS_OFF : LEADS_NOTE;
        }
        return bond == null || ladder == null ? ELSEWHERE : onBond(job, bond, heat, ladder, now);
    }

    private static FreeTask finding(Held undescribed) {
        return switch (undescribed) {
            case RIM -> FIND_RIM;
            case BED -> FIND_BED;
            case LEADS -> FIND_LEADS;
        };
    }

    private static FreeTask onBond(JobFile job, Bond bond, @Nullable HeatPanel heat, Ladder ladder, Instant now) {
        if (Dissolving.of(job).ignition().filter(lock -> lock.dwells(now)).isPresent()) {
            return DWELLING;
        }
        List<FreeEntry.StripDrawn> strips = Freeing.of(job).strips(bond.operation());
        if (strips.size() < bond.stripCount()) {
            return Warming.of(job).stripsWait() ? COOLING : STRIPS;
        }
        List<Ladder.Try> tries = Freeing.of(job).tries(bond.operation());
        boolean gaveWay = !tries.isEmpty() && tries.getLast().effort() != Effort.STRONG;
        boolean allWhole = !strips.isEmpty() && strips.stream().allMatch(strip -> strip.whole());
        if (gaveWay || allWhole) {
            return FREE;
        }
        if ((heat != null && heat.workable() || Dissolving.of(job).isWet(now))
                && tryBy(ladder).isPresent()) {
            return TRY;
        }
        return ladder.next()
                .map(rung -> switch (rung.way()) {
                    case HEAT -> HEAT;
                    case SOLVENT -> SOLVENT;
                    case DRAW_STRIPS -> STRIPS;
                    case CARD, SUCTION_AND_PICK, COLD_CUT -> TRY;
                })
                .orElse(NOTHING);
    }

    /** What pulls at a bond that is warm, or wet, or neither. */
    static Optional<Loosening> tryBy(Ladder ladder) {
        return Stream.of(Loosening.SUCTION_AND_PICK, Loosening.CARD, Loosening.COLD_CUT)
                .filter(ladder::allows)
                .findFirst();
    }
}
