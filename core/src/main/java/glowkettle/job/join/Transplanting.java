package glowkettle.job.join;

import glowkettle.finding.Figures;
import glowkettle.finding.Result;
import glowkettle.job.Entry;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.assess.Assessing;
import glowkettle.job.fit.Fitting;
import glowkettle.job.match.FirstCharge;
import glowkettle.join.GaugeData;
import glowkettle.join.Transplant;
import glowkettle.library.Ratings;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A controller on its way to a new cell, and what became of its gauge. Source: handbook, Join. */
public final class Transplanting {
    private final JobFile job;

    private Transplanting(JobFile job) {
        this.job = job;
    }

    public static Transplanting of(JobFile job) {
        return new Transplanting(job);
    }

    public Optional<JoinEntry.TransplantPlanned> planned() {
        return latest(JoinEntry.TransplantPlanned.class);
    }

    public boolean isPlanned() {
        return planned().isPresent();
    }

    public Optional<Result<Transplant>> sum() {
        return planned().map(planned -> Transplant.of(planned.transplant(), job.limits()));
    }

    /** What was cut and welded before this cell was chosen was another one. */
    private Stream<Recorded> sinceChosen() {
        return Fitting.of(job).sinceChosen();
    }

    private <E extends Entry> Optional<E> latest(Class<E> kind) {
        return sinceChosen()
                .map(Recorded::entry)
                .filter(kind::isInstance)
                .map(kind::cast)
                .reduce((earlier, later) -> later);
    }

    /** Of the board, whichever cell it was meant for. */
    private <E extends Entry> Stream<E> everOf(Class<E> kind) {
        return job.state().all(kind);
    }

    public boolean isDone(TransplantStep step) {
        return switch (step) {
            case KIT,
                    PHOTOGRAPHED,
                    WRAPS_OFF,
                    MINUS_TRIMMED,
                    TAPS_TRIMMED,
                    PLUS_TRIMMED,
                    BOARD_CUT,
                    BOARD_TAPS_CUT,
                    BOARD_FREE,
                    MINUS_WELDED,
                    TAPS_WELDED,
                    PLUS_WELDED,
                    WRAPS_BACK,
                    WOKEN -> isTapped(step);
            case GAUGE_READ -> readBefore().isPresent() || isGaugeSilent();
            // Once the first tab is welded, the next trial is asked by its count alone.
            case WELD_PROVEN ->
                isTapped(TransplantStep.MINUS_WELDED) || Welding.of(job).isProven();
            case FOLDED -> latest(JoinEntry.FoldedMeasured.class).isPresent();
            // A board that is latched off says nothing of its joints: once it is woken, it is metered again.
            case METERED ->
                latest(JoinEntry.BoardMetered.class)
                        .filter(metered -> !isLatched(metered) || !isTapped(TransplantStep.WOKEN))
                        .isPresent();
            case SCHOOL_CHOSEN -> school().isPresent();
            case GAUGE_SETTLED -> isSettled();
            case FIRST_CHARGED ->
                firstCharge().filter(charge -> charge.counts(job.limits())).isPresent();
        };
    }

    /** So little at the board is no voltage of its cells: it has cut them off. */
    boolean isLatched(JoinEntry.BoardMetered metered) {
        BigDecimal series =
                planned().map(planned -> planned.transplant().board().series()).orElse(BigDecimal.ONE);
        return metered.boardV().signum() >= 0
                && metered.boardV()
                                .compareTo(job.limits().of(Limit.PLUG_UNKNOWN_V).multiply(series))
                        < 0
                && metered.boardV().compareTo(metered.cellV()) < 0;
    }

    boolean isWoken() {
        return isTapped(TransplantStep.WOKEN);
    }

    private boolean isTapped(TransplantStep step) {
        return sinceChosen()
                .anyMatch(recorded ->
                        recorded.entry() instanceof JoinEntry.TransplantStepDone done && done.step() == step);
    }

    /** The first step that is not done; empty when the controller is where it belongs, or none moves. */
    public Optional<TransplantStep> next() {
        return isPlanned() ? steps().stream().filter(step -> !isDone(step)).findFirst() : Optional.empty();
    }

    /** Those of this board, in their order. */
    public List<TransplantStep> steps() {
        boolean hasTaps = planned()
                .map(planned -> planned.transplant().board().series())
                .filter(series -> series.compareTo(BigDecimal.ONE) > 0)
                .isPresent();
        return Arrays.stream(TransplantStep.values())
                .filter(step -> hasTaps || !step.isOfTaps())
                .toList();
    }

    public Optional<GaugeSchool> school() {
        return latest(JoinEntry.GaugeSchoolChosen.class).map(JoinEntry.GaugeSchoolChosen::school);
    }

    public boolean isGaugeSilent() {
        return everOf(JoinEntry.GaugeSilent.class).findAny().isPresent();
    }

    /** What the gauge said before anybody wrote to it. */
    public Optional<GaugeData> readBefore() {
        return everOf(JoinEntry.GaugeReadOut.class)
                .map(JoinEntry.GaugeReadOut::gauge)
                .findFirst();
    }

    /** What it said last. */
    public Optional<GaugeData> readLast() {
        return job.state().latest(JoinEntry.GaugeReadOut.class).map(JoinEntry.GaugeReadOut::gauge);
    }

    public Optional<GaugeData> wanted() {
        return job.state().latest(JoinEntry.GaugeWriteBegun.class).map(JoinEntry.GaugeWriteBegun::gauge);
    }

    /** Written to, and not read since: nobody knows what it says now. */
    public boolean isReadBackOwed() {
        return seq(JoinEntry.GaugeReadOut.class) < seq(JoinEntry.GaugeWriteBegun.class);
    }

    private boolean isSettled() {
        return school().filter(school -> switch (school) {
                    case LEAVE -> !isReadBackOwed();
                    case WRITE ->
                        !isReadBackOwed()
                                && wanted().isPresent()
                                && readLast()
                                        .filter(last -> wanted().get().saysTheSameAs(last))
                                        .isPresent();
                    case HELPER -> latest(JoinEntry.HelperPackUsed.class).isPresent() && !isReadBackOwed();
                })
                .isPresent();
    }

    /** Field by field, what the gauge says other than before. */
    public List<GaugeData.Change> rewritten() {
        return readBefore().flatMap(before -> readLast().map(before::changesTo)).orElse(List.of());
    }

    public boolean isCharging() {
        return firstCharge().filter(FirstCharge::isOn).isPresent();
    }

    /** Empty until the cell was metered under its board. */
    public Optional<FirstCharge.Charger> charger() {
        Ratings ratings = job.model().pack().ratings();
        return latest(JoinEntry.BoardMetered.class)
                .map(metered -> FirstCharge.Charger.of(
                        ratings.series().multiply(ratings.chargeLimitV()),
                        Fitting.of(job).believedCapacityMah().movePointLeft(3),
                        metered.cellV().divide(ratings.series(), 3, RoundingMode.HALF_UP),
                        job.limits()));
    }

    /** The newest attempt at a first charge of this cell under its old board. */
    public Optional<FirstCharge> firstCharge() {
        FirstCharge.Course course = new FirstCharge.Course();
        sinceChosen().forEach(recorded -> {
            if (recorded.entry() instanceof JoinEntry.FirstChargeBegun) {
                course.begun(recorded.at());
            } else if (recorded.entry() instanceof JoinEntry.FirstChargeEnded) {
                course.ended(recorded.at());
            } else {
                Assessing.warmth(recorded).ifPresent(felt -> course.felt(recorded.at(), felt, job.lastAmbientC()));
            }
        });
        return course.newest();
    }

    /** Something of board or cell is cut, and the move has not come to its end. */
    boolean isHalfMoved() {
        boolean cut = steps().stream().anyMatch(step -> step.firmness() == Firmness.DONE_TO_THE_PACK && isTapped(step));
        return cut && next().isPresent();
    }

    /** Of the newest; nothing comes before everything. */
    private long seq(Class<? extends JoinEntry> kind) {
        return job.state().latestRecorded(kind).map(Recorded::seq).orElse(0L);
    }

    /**
     * What the owner is told, in plain words; empty where no board was re-used. No choice and no tap takes a line away: they
     * follow from what was cut and from what the gauge says.
     */
    public List<String> ownersLines() {
        boolean cut =
                everOf(JoinEntry.TransplantStepDone.class).anyMatch(done -> done.step() == TransplantStep.BOARD_CUT);
        if (!cut && wanted().isEmpty()) {
            return List.of();
        }
        List<String> lines =
                new ArrayList<>(List.of("The controller board of the old pack was re-used on a new cell."));
        List<GaugeData.Change> changes = rewritten();
        if (isReadBackOwed()) {
            lines.add("Its gauge was written to and has not been read since: its figures may have been rewritten.");
        } else if (!changes.isEmpty()) {
            lines.add("These figures of its gauge were rewritten: "
                    + String.join(
                            "; ",
                            changes.stream()
                                    .map(change -> "%s, %s before, %s now"
                                            .formatted(change.field(), change.before(), change.after()))
                                    .toList())
                    + ".");
        } else {
            lines.add(
                    isGaugeSilent()
                            ? "Its gauge could not be read; it may go by the old cell's figures until it has learnt anew."
                            : "Its gauge still carries the old cell's figures; they come right in use.");
        }
        everOf(JoinEntry.HelperPackUsed.class)
                .map(helper -> "To clear the device's message another pack was put in for a while: %s, %s per cell; %s."
                        .formatted(
                                helper.name(),
                                Figures.withUnit(helper.restedCellV(), "V"),
                                helper.cleared() ? "the message went away" : "the message stayed"))
                .forEach(lines::add);
        return lines;
    }
}
