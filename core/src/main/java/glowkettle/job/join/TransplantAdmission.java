package glowkettle.job.join;

import glowkettle.cell.Box;
import glowkettle.finding.Figures;
import glowkettle.finding.Result;
import glowkettle.finding.Weight;
import glowkettle.fit.GrowthRoom;
import glowkettle.fit.Verdict;
import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.assess.Assessing;
import glowkettle.job.fit.Fitting;
import glowkettle.join.GaugeData;
import glowkettle.join.Transplant;
import glowkettle.join.WeldLadder;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;

/** Whether a step of a controller's move, a weld or a joint may be written now. */
final class TransplantAdmission {
    private TransplantAdmission() {}

    /** Every line of the sum must be right before anything is cut. */
    static Optional<Refusal> planned(JobFile job, JoinEntry.TransplantPlanned planned) {
        Result<Transplant> sheets = Transplant.of(planned.transplant(), job.limits());
        Transplant sum = sheets.result();
        if (!sum.allowed()) {
            return sheets.findings().stream()
                    .filter(finding -> finding.weight().compareTo(Weight.STOP) >= 0)
                    .findFirst()
                    .map(finding -> new Refusal("", finding.sentence()));
        }
        if (sum.minusTabMm() == null || sum.plusTabMm() == null) {
            return Admission.no("", "Measure pad distance, overlap and old stub of both tabs first.");
        }
        boolean cut = Transplanting.of(job).isDone(TransplantStep.MINUS_TRIMMED);
        return cut
                ? Admission.no("", "A tab is cut already: what it was cut by stays.")
                : JoinAdmission.packAtHand(job);
    }

    static Optional<Refusal> step(JobFile job, TransplantStep step) {
        Optional<TransplantStep> next = Transplanting.of(job).next();
        if (next.isEmpty()) {
            return Admission.no(
                    "step",
                    Transplanting.of(job).isPlanned() ? "Every step is done." : "Put both sheets side by side first.");
        }
        if (next.get() != step) {
            return Admission.no("step", "Next is: %s.".formatted(next.get().words()));
        }
        return step.isTapped()
                ? JoinAdmission.packAtHand(job)
                : Admission.no("step", "“%s” is done when its figures stand here.".formatted(step.words()));
    }

    /** Its turn has come; what was proven may be proven again. */
    private static Optional<Refusal> reached(JobFile job, TransplantStep step) {
        Transplanting moving = Transplanting.of(job);
        if (!moving.isPlanned()) {
            return Admission.no("", "No controller moves in this job.");
        }
        return moving.next()
                .filter(next -> next.compareTo(step) < 0)
                .flatMap(next -> Admission.no("", "First: %s.".formatted(next.words())))
                .or(() -> JoinAdmission.packAtHand(job));
    }

    static Optional<Refusal> folded(JobFile job, JoinEntry.FoldedMeasured folded) {
        Box bay = job.model().pack().bay();
        var room = GrowthRoom.judge(new GrowthRoom.Sizes(folded.size(), bay), job.limits());
        return room.result().verdict() == Verdict.REFUSED
                ? Admission.no("thicknessMm", room.findings().getFirst().sentence() + " Fold it anew; never press.")
                : reached(job, TransplantStep.FOLDED);
    }

    /** Both readings the right way round, and alike; a board that has latched off is woken before it is metered again. */
    static Optional<Refusal> metered(JobFile job, JoinEntry.BoardMetered metered) {
        if (metered.cellV().signum() <= 0 || metered.boardV().signum() < 0) {
            return Admission.no(
                    metered.cellV().signum() <= 0 ? "cellV" : "boardV",
                    "%s at the cell, %s at the board: one is the wrong way round. Probes, then polarity; nothing is plugged in."
                            .formatted(
                                    Figures.withUnit(metered.cellV(), "V"), Figures.withUnit(metered.boardV(), "V")));
        }
        if (Transplanting.of(job).isLatched(metered)) {
            return Transplanting.of(job).isWoken()
                    ? Admission.no(
                            "boardV",
                            "%s at the board after its wake-up: it does not carry. Find the weld first; nothing is plugged in."
                                    .formatted(Figures.withUnit(metered.boardV(), "V")))
                    : reached(job, TransplantStep.METERED);
        }
        BigDecimal apartMv = metered.cellV().subtract(metered.boardV()).abs().movePointRight(3);
        if (apartMv.compareTo(job.limits().of(Limit.BOARD_AGREES_MV)) > 0) {
            return Admission.no(
                    "boardV",
                    "Cell and board are %s apart, at most %s: a weld that does not carry. Find it first."
                            .formatted(
                                    Figures.withUnit(apartMv, "mV"),
                                    job.limits().applied(Limit.BOARD_AGREES_MV)));
        }
        return reached(job, TransplantStep.METERED);
    }

    static Optional<Refusal> silent(JobFile job) {
        return Transplanting.of(job).readBefore().isPresent()
                ? Admission.no("", "It was read: it does answer.")
                : reached(job, TransplantStep.GAUGE_READ);
    }

    static Optional<Refusal> readOut(JobFile job) {
        return reached(job, TransplantStep.GAUGE_READ);
    }

    static Optional<Refusal> school(JobFile job, GaugeSchool school) {
        if (school == GaugeSchool.WRITE && Transplanting.of(job).readBefore().isEmpty()) {
            return Admission.no("school", "What was never read is not rewritten: read the gauge first.");
        }
        return reached(job, TransplantStep.SCHOOL_CHOSEN);
    }

    /** Never more than the new cell can hold, and nothing that cannot be. */
    static Optional<Refusal> written(JobFile job, GaugeData gauge, Instant now) {
        Transplanting moving = Transplanting.of(job);
        if (moving.school().filter(school -> school == GaugeSchool.WRITE).isEmpty()) {
            return Admission.no("", "Choose to write the gauge first: nothing is rewritten by the way.");
        }
        if (moving.isReadBackOwed()) {
            return Admission.no("", "It was written to and not read since: read it first.");
        }
        BigDecimal most = Fitting.of(job).believedCapacityMah();
        if (gauge.designCapacityMah().compareTo(most) > 0) {
            return Admission.no(
                    "gauge.designCapacityMah",
                    "%s is more than this cell holds; at most %s can be true."
                            .formatted(
                                    Figures.withUnit(gauge.designCapacityMah(), "mAh"), Figures.withUnit(most, "mAh")));
        }
        if (gauge.fullChargeCapacityMah().compareTo(gauge.designCapacityMah()) > 0) {
            return Admission.no(
                    "gauge.fullChargeCapacityMah",
                    "A full charge of %s over a design of %s: at most as much is written."
                            .formatted(
                                    Figures.withUnit(gauge.fullChargeCapacityMah(), "mAh"),
                                    Figures.withUnit(gauge.designCapacityMah(), "mAh")));
        }
        if (!gauge.serial().matches("[A-Za-z0-9 ._/-]{1,20}")) {
            return Admission.no(
                    "gauge.serial",
                    "'%s' cannot be written into a gauge; accepted is letters, digits, space and . _ / -"
                            .formatted(gauge.serial()));
        }
        return date("gauge.manufactured", gauge.manufactured(), now)
                .or(() -> date("gauge.firstUse", gauge.firstUse(), now))
                .or(() -> gauge.firstUse().compareTo(gauge.manufactured()) < 0
                        ? Admission.no(
                                "gauge.firstUse",
                                "First used %s, made %s: it cannot be used before it is made."
                                        .formatted(gauge.firstUse(), gauge.manufactured()))
                        : Optional.empty())
                .or(() -> reached(job, TransplantStep.GAUGE_SETTLED));
    }

    private static Optional<Refusal> date(String field, String typed, Instant now) {
        String wanted = "'%s' is no date up to today; accepted is year-month-day, such as 2026-03-01".formatted(typed);
        try {
            boolean ahead = LocalDate.parse(typed)
                    .isAfter(LocalDate.ofInstant(now, ZoneOffset.UTC).plusDays(1));
            return ahead ? Admission.no(field, wanted) : Optional.empty();
        } catch (DateTimeParseException unreadable) {
            return Admission.no(field, wanted);
        }
    }

    static Optional<Refusal> helper(JobFile job) {
        return Transplanting.of(job)
                        .school()
                        .filter(school -> school == GaugeSchool.HELPER)
                        .isEmpty()
                ? Admission.no("", "Choose the known-good pack in between first.")
                : reached(job, TransplantStep.GAUGE_SETTLED);
    }

    static Optional<Refusal> chargeBegun(JobFile job) {
        return Transplanting.of(job).isCharging()
                ? Admission.no("", "It is charging already.")
                : reached(job, TransplantStep.FIRST_CHARGED);
    }

    /** What ends a charge is always taken. */
    static Optional<Refusal> chargeEnded(JobFile job) {
        return Transplanting.of(job).isCharging() ? Optional.empty() : Admission.no("", "No first charge is running.");
    }

    static Optional<Refusal> tried(JobFile job, WeldLadder.Trial trial) {
        Optional<JoinEntry.WelderSet> set = Welding.of(job).welder();
        if (set.isEmpty()) {
            return Admission.no("", "Say how thick the strip is, and which levels the welder has, first.");
        }
        boolean has = trial.level().compareTo(set.get().lowestLevel()) >= 0
                && trial.level().compareTo(set.get().highestLevel()) <= 0;
        if (!has) {
            return Admission.no(
                    "trial.level",
                    "The welder has levels %s to %s."
                            .formatted(set.get().lowestLevel(), set.get().highestLevel()));
        }
        if (trial.pullsN().isEmpty() && !trial.burntThrough()) {
            return Admission.no("trial.pullsN", "Missing: the pulls, in N; accepted is at least one.");
        }
        return Admission.answerable(
                        "",
                        () -> WeldLadder.of(
                                new WeldLadder.Request(
                                        set.get().thicknessMm(),
                                        set.get().lowestLevel(),
                                        set.get().highestLevel(),
                                        List.of(trial),
                                        null,
                                        null),
                                job.limits()))
                .or(() -> Assessing.unlessHalted(job));
    }

    static Optional<Refusal> welder(JobFile job, JoinEntry.WelderSet set) {
        return set.highestLevel().compareTo(set.lowestLevel()) < 0
                ? Admission.no(
                        "highestLevel",
                        "The highest level %s lies under the lowest %s."
                                .formatted(set.highestLevel(), set.lowestLevel()))
                : Assessing.unlessHalted(job);
    }

    static Optional<Refusal> welded(JobFile job, JoinEntry.Welded welded) {
        if (!Welding.of(job).isProven()) {
            return Admission.no("", "No level is proven, or it has to be tested again: pull trial welds first.");
        }
        BigDecimal left = Welding.of(job).weldsLeft();
        return welded.welds().compareTo(left) > 0
                ? Admission.no(
                        "welds",
                        "%s welds; the test is good for %s more. Pull trial welds again in between."
                                .formatted(welded.welds(), left))
                : JoinAdmission.packAtHand(job);
    }

    static Optional<Refusal> jointBegun(JobFile job, Instant now) {
        Welding welding = Welding.of(job);
        if (welding.isIronOn()) {
            return Admission.no("", "The iron is on a tag already: lift it first.");
        }
        Optional<Instant> next = welding.nextJointAt().filter(now::isBefore);
        if (next.isPresent()) {
            return Admission.no(
                    "",
                    "The can is still warm of the last joint: %s s more."
                            .formatted(Duration.between(now, next.get()).toSeconds() + 1));
        }
        return JoinAdmission.packAtHand(job);
    }

    /** What makes it safer is always taken. */
    static Optional<Refusal> jointEnded(JobFile job) {
        return Welding.of(job).isIronOn() ? Optional.empty() : Admission.no("", "No iron is on a tag.");
    }
}
