package glowkettle.app.handback;

import glowkettle.app.desk.PaperHead;
import glowkettle.arrive.Symptom;
import glowkettle.assess.Tier;
import glowkettle.calibrate.SoakVerdict;
import glowkettle.finding.Figures;
import glowkettle.fit.Honesty;
import glowkettle.fit.PackLabel;
import glowkettle.job.JobFile;
import glowkettle.job.Moment;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.assess.Assessing;
import glowkettle.job.assess.QuickReading;
import glowkettle.job.calibrate.SoakCycle;
import glowkettle.job.fit.Fitting;
import glowkettle.job.free.Overheating;
import glowkettle.job.handback.Declined;
import glowkettle.job.handback.Signatures;
import glowkettle.job.join.Transplanting;
import glowkettle.job.match.Building;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.open.Opening;
import glowkettle.job.prove.Proving;
import glowkettle.job.wayback.JobTray;
import glowkettle.job.wayback.Sealing;
import glowkettle.library.DeviceModel;
import glowkettle.prove.CheckList;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What the owner takes home, in plain words: everything on one A4. */
public record OwnersSheet(
        PaperHead head,
        List<String> found,
        List<String> done,
        List<Compared> beforeAfter,
        List<String> checks,
        String calibration,
        List<String> youWillNotice,
        List<String> care) {
    private static final int MOST_FOUND = 3;

    private static final List<String> CARE = List.of(
            "Keep it between 20 and 80 % when you can; a full charge before a trip is fine.",
            "Keep it out of the sun and away from heaters.",
            "Store it half charged. Stop using it and come back if it swells, smells or gets hot.");

    /** One figure before and after. */
    public record Compared(String what, String before, String after) {}

    public static OwnersSheet of(JobFile job) {
        Optional<Declined> declined = Declined.of(job);
        if (declined.isPresent()) {
            return new OwnersSheet(
                    PaperHead.of(job),
                    found(job),
                    notDone(job),
                    List.of(),
                    List.of(),
                    "",
                    List.of(),
                    watched(declined.get()));
        }
        return new OwnersSheet(
                PaperHead.of(job),
                found(job),
                done(job),
                beforeAfter(job),
                checks(job),
                calibration(job),
                job.model().afterwards(),
                staysGuarded(job) ? watched(Declined.WARNED_OF) : CARE);
    }

    /** Nothing was done to it, and nothing is told of before and after. */
    public boolean asItCame() {
        return beforeAfter.isEmpty();
    }

    /** The pack it came with is in it, and is no pack to use. */
    private static boolean staysGuarded(JobFile job) {
        return Fitting.of(job).keepsPack() && job.oldPackTier().result().tier().atLeast(Tier.GUARDED);
    }

    private static List<String> notDone(JobFile job) {
        List<String> lines = new ArrayList<>();
        lines.add("Nothing: the quote was declined, and it was not opened.");
        Declined.settlement(job).ifPresent(settled -> lines.add(settled.how().words() + ": " + settled.agreed()));
        return lines;
    }

    /** What the owner of a pack that was not changed has to know of it. */
    private static List<String> watched(Declined declined) {
        return switch (declined) {
            case AS_IT_CAME ->
                List.of("The pack is as old as it was: stop using it and come back if it swells, smells or gets hot.");
            case WARNED_OF ->
                List.of(
                        "Do not charge it. Do not use it. Do not take it on an aircraft.",
                        "Keep it where nothing burns. If it swells, smells, hisses or gets warm: leave it and go out.");
            case SETTLED ->
                List.of(
                        "Do not charge it. Do not use it. Do not carry it in a bag.",
                        "It is not handed over as a device: what becomes of it is settled with a lead, by local rules.");
        };
    }

    private static List<String> found(JobFile job) {
        List<String> found = new ArrayList<>();
        if (!Assessing.of(job).isLookedAt()) {
            found.add("Nobody has looked at its pack: nothing is known of how it is.");
        }
        QuickReading.saidOf(job).ifPresent(said -> found.add("Felt by hand, not measured: " + said + "."));
        if (!Arriving.of(job).symptoms().isEmpty()) {
            found.add("You told us: "
                    + Arriving.of(job).symptoms().stream()
                            .sorted()
                            .map(Symptom::words)
                            .collect(Collectors.joining(", "))
                    + ".");
        }
        found.addAll(told(job));
        Tier worst = job.worstTier();
        if (worst.atLeast(Tier.GUARDED)) {
            job.oldPackTier().findings().stream()
                    .map(finding -> FoundWords.of(finding, Fitting.of(job).keepsPack()))
                    .flatMap(Optional::stream)
                    .distinct()
                    .limit(MOST_FOUND)
                    .forEach(found::add);
        }
        if (Overheating.of(job).cellsWereTooHot()) {
            found.add("While it was heated out its cells reached "
                    + Figures.withUnit(Overheating.of(job).cellPeakC().orElseThrow(), "°C") + "; it was not put back.");
        }
        Assessing.of(job)
                .healthBefore()
                .ifPresent(health -> found.add("The old pack held about "
                        + Figures.withUnit(
                                Figures.round(health.result().sohPercent().doubleValue(), 0), "%")
                        + " of what it was made for, by its gauge."));
        return found;
    }

    /** What the owner measured without meaning to. */
    private static List<String> told(JobFile job) {
        List<String> told = new ArrayList<>();
        Arriving.of(job)
                .toldRuntimeHours()
                .ifPresent(hours ->
                        told.add("By your word it ran for %s from full.".formatted(Figures.withUnit(hours, "h"))));
        Arriving.of(job)
                .toldShutDownPercent()
                .ifPresent(percent ->
                        told.add("By your word it shut down at %s.".formatted(Figures.withUnit(percent, "%"))));
        return told;
    }

    private static List<String> done(JobFile job) {
        List<String> done = new ArrayList<>();
        boolean another = Fitting.of(job).fitsNewPack();
        Fitting.of(job).offered().filter(label -> another).ifPresent(label -> {
            String lot = label.printed().lot() == null
                    ? ""
                    : ", lot " + label.printed().lot();
            done.add("New pack fitted: %s, %s by its label%s."
                    .formatted(volts(label), mah(label.printed().capacityMah()), lot));
        });
        Fitting.of(job).honesty().filter(judged -> another).ifPresent(honesty -> done.add(ofTheLabel(honesty)));
        done.addAll(Transplanting.of(job).ownersLines());
        done.addAll(Building.of(job).ownersLines());
        if (Fitting.of(job).keepsPack()) {
            done.add("The pack it came with is in it again; it was disconnected to reach something else.");
        }
        Fitting.of(job).coinCell().ifPresent(coin -> done.add(coin.forTheOwner()));
        reached(job).ifPresent(done::add);
        Sealing.of(job).seal().ifPresent(seal -> done.add(seal.result().forTheOwner()));
        if (Signatures.of(job).byOnePerson()) {
            done.add("One person works here: the same person looked at it again and signed twice.");
        }
        int fasteners = JobTray.of(job).tray().result().out();
        if (fasteners > 0) {
            done.add("%s screws came out, %s went back."
                    .formatted(fasteners, JobTray.of(job).tray().result().back()));
        }
        if (FastenerLog.of(job).missingCount() > 0) {
            done.add("%s screws were missing when it came in."
                    .formatted(FastenerLog.of(job).missingCount()));
        }
        return done;
    }

    private static String ofTheLabel(Honesty.Judgement honesty) {
        return switch (honesty.belief()) {
            case BELIEVABLE -> "What its label says can be true for a body of its size.";
            case HIGH -> "Its label says nearly the most that a body of its size can hold: expect rather less.";
            case NOT_CREDIBLE ->
                "Its label says more than a body of its size can hold; about %s at most was reckoned with."
                        .formatted(mah(hundreds(honesty.mostMah())));
        };
    }

    /** What a caliper tells of a body is good to a hundred. */
    private static BigDecimal hundreds(BigDecimal mostMah) {
        return mostMah.movePointLeft(2).setScale(0, RoundingMode.HALF_UP).movePointRight(2);
    }

    /** What else the device was opened for, and was reached. */
    private static Optional<String> reached(JobFile job) {
        Opening opening = Opening.of(job);
        String names = job.model().anatomy().otherTargets().stream()
                .filter(target -> opening.targets().contains(target.operation()))
                .filter(target -> opening.stepsIn().contains(target.operation()))
                .map(DeviceModel.Target::name)
                .collect(Collectors.joining(", "));
        return names.isEmpty()
                ? Optional.empty()
                : Optional.of("Also taken out, and put in again or changed: " + names + ".");
    }

    private static List<Compared> beforeAfter(JobFile job) {
        List<Compared> rows = new ArrayList<>();
        BigDecimal before = capacity(job, Moment.BEFORE);
        BigDecimal told = capacity(job, Moment.AFTER);
        BigDecimal after = told == null || isBelievable(job, told) ? told : null;
        rows.add(new Compared(
                "Full charge capacity, by the gauge",
                measured(before),
                told != null && after == null
                        ? "not known: the gauge says %s, more than such a body holds".formatted(mah(told))
                        : measured(after)));
        Proving.of(job)
                .runAfter()
                .ifPresent(run -> rows.add(new Compared(
                        "It ran, from full, by the clock",
                        Proving.of(job).runBefore().map(span -> span.words("h")).orElse("not measured"),
                        run.result().hours().words("h"))));
        rows.add(new Compared("Expected runtime at light use", runtime(job, before), runtime(job, after)));
        return rows;
    }

    /** A gauge that tells more than the body of the new pack can hold has not learnt it yet. */
    private static boolean isBelievable(JobFile job, BigDecimal capacityMah) {
        return Fitting.of(job)
                .honesty()
                .filter(honesty -> Fitting.of(job).fitsNewPack())
                .map(honesty -> capacityMah.compareTo(honesty.mostMah()) <= 0)
                .orElse(true);
    }

    private static @Nullable BigDecimal capacity(JobFile job, Moment moment) {
        return Assessing.of(job)
                .gaugeReading(moment)
                .map(reading -> reading.fullChargeCapacityMah())
                .orElse(null);
    }

    private static String measured(@Nullable BigDecimal capacityMah) {
        return capacityMah == null ? "not measured" : mah(capacityMah);
    }

    private static String runtime(JobFile job, @Nullable BigDecimal capacityMah) {
        return capacityMah == null || !job.packKnown()
                ? "not measured"
                : "about "
                        + Figures.withUnit(
                                SoakCycle.of(job).expectedHours(capacityMah).doubleValue(), 1, "h");
    }

    private static List<String> checks(JobFile job) {
        Optional<String> takenOn = Signatures.of(job).forTheOwner();
        return Proving.of(job).checks().stream()
                .map(check -> {
                    String words = Proving.of(job)
                            .outcome(check)
                            .map(outcome -> words(outcome, takenOn))
                            .orElse("not tried");
                    return check.id() + ": " + words;
                })
                .toList();
    }

    private static String words(CheckList.Outcome outcome, Optional<String> takenOn) {
        return switch (outcome) {
            case WORKS -> "works";
            case FAILS -> "does not work" + takenOn.map(told -> ": " + told).orElse("");
            case NOT_THERE -> "not in this device";
        };
    }

    private static String calibration(JobFile job) {
        Optional<String> leftOut = SoakCycle.of(job).leftOutFor();
        if (leftOut.isPresent()) {
            return "Not calibrated: " + leftOut.get();
        }
        SoakVerdict.Standing standing = SoakCycle.of(job).verdict().result().standing();
        return switch (standing) {
            case VALID -> "Calibrated; the percentage can be trusted.";
            case VALID_WITH_REMARKS ->
                "Calibrated, with remarks: "
                        + String.join(" ", SoakCycle.of(job).verdict().working().lines());
            case UNDER_WAY -> "Calibration is not finished.";
            case REPEAT -> "Calibration has to be repeated.";
        };
    }

    private static String volts(PackLabel label) {
        return Figures.withUnit(label.printed().nominalV(), "V");
    }

    private static String mah(BigDecimal value) {
        return Figures.withUnit(value, "mAh");
    }
}
