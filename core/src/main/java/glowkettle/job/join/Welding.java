package glowkettle.job.join;

import glowkettle.finding.Result;
import glowkettle.job.Fold;
import glowkettle.job.JobFile;
import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.job.match.Building;
import glowkettle.job.match.WeldsMade;
import glowkettle.join.JointHeat;
import glowkettle.join.Strip;
import glowkettle.join.WeldLadder;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** Trial welds, welds, strips, and irons on tags. */
public final class Welding {
    private final JobFile job;
    private final JobState state;

    private Welding(JobFile job) {
        this.job = job;
        this.state = job.state();
    }

    public static Welding of(JobFile job) {
        return new Welding(job);
    }

    public Optional<JoinEntry.WelderSet> welder() {
        return state.latest(JoinEntry.WelderSet.class);
    }

    public Optional<Result<WeldLadder>> ladder() {
        return asked().map(asked -> WeldLadder.of(asked, job.limits()));
    }

    /** Since the stack was set last; a test after so many welds begins anew at its level. */
    public Optional<WeldLadder.Request> asked() {
        return welder().map(set -> {
            List<WeldLadder.Trial> trials = new ArrayList<>();
            BigDecimal welds = BigDecimal.ZERO;
            for (Recorded recorded : state.counting()) {
                if (recorded.entry() instanceof JoinEntry.WelderSet) {
                    trials.clear();
                    welds = BigDecimal.ZERO;
                } else if (recorded.entry() instanceof JoinEntry.WeldTried tried) {
                    if (isDue(set, trials, welds)) {
                        trials.clear();
                        welds = BigDecimal.ZERO;
                    }
                    together(trials, tried.trial());
                } else if (recorded.entry() instanceof WeldsMade made && made.welds() != null) {
                    welds = welds.add(made.welds());
                }
            }
            return request(set, trials, welds);
        });
    }

    /** Pulls at one level belong together, however often somebody sat down to them. */
    private static void together(List<WeldLadder.Trial> trials, WeldLadder.Trial more) {
        for (int i = 0; i < trials.size(); i++) {
            WeldLadder.Trial earlier = trials.get(i);
            if (earlier.level().compareTo(more.level()) == 0) {
                List<BigDecimal> pulls = new ArrayList<>(earlier.pullsN());
                pulls.addAll(more.pullsN());
                trials.set(
                        i, new WeldLadder.Trial(earlier.level(), pulls, earlier.burntThrough() || more.burntThrough()));
                return;
            }
        }
        trials.add(more);
    }

    private boolean isDue(JoinEntry.WelderSet set, List<WeldLadder.Trial> trials, BigDecimal welds) {
        return WeldLadder.of(request(set, trials, welds), job.limits()).result().step() == WeldLadder.Step.TEST_AGAIN;
    }

    private static WeldLadder.Request request(
            JoinEntry.WelderSet set, List<WeldLadder.Trial> trials, BigDecimal welds) {
        return new WeldLadder.Request(set.thicknessMm(), set.lowestLevel(), set.highestLevel(), trials, welds, null);
    }

    /** A level holds, and is still good. */
    public boolean isProven() {
        return ladder().filter(ladder -> ladder.result().step() == WeldLadder.Step.WELD)
                .isPresent();
    }

    /** So many more until the level is tried again. */
    BigDecimal weldsLeft() {
        BigDecimal made = asked().map(WeldLadder.Request::weldsSince).orElse(BigDecimal.ZERO);
        return job.limits()
                .of(Limit.WELDS_BEFORE_TEST)
                .subtract(Objects.requireNonNullElse(made, BigDecimal.ZERO))
                .max(BigDecimal.ZERO);
    }

    /** A pack that is built stands at a weld, and no level is good for it. */
    public boolean isOwedByBuilding() {
        return !isProven()
                && Building.of(job).next().filter(step -> step.welds() > 0).isPresent();
    }

    public Optional<Result<Strip>> strip() {
        return state.latest(JoinEntry.StripRead.class).map(read -> Strip.of(read.strip(), job.limits()));
    }

    /** An iron on a tag, since when, and when it was lifted; empty until it is. */
    public record Joint(JoinEntry.JointBegun begun, Instant at, Optional<Instant> lifted) {}

    public Optional<Joint> joint() {
        return Fold.from(Optional.<Joint>empty())
                .at(
                        JoinEntry.JointBegun.class,
                        (joint, begun, at) -> Optional.of(new Joint(begun, at, Optional.empty())))
                .at(
                        JoinEntry.JointEnded.class,
                        (joint, ended, at) -> joint.map(one -> new Joint(one.begun(), one.at(), Optional.of(at))))
                .over(state.counting());
    }

    public boolean isIronOn() {
        return joint().filter(joint -> joint.lifted().isEmpty()).isPresent();
    }

    /** When the iron has to be off at the latest. */
    public Optional<Instant> liftBy() {
        return joint().filter(joint -> joint.lifted().isEmpty())
                .map(joint -> joint.at().plus(seconds(heat(joint, false).longestDwellS())));
    }

    /** When the next joint may be made; empty while the iron is on, and where none was made. */
    public Optional<Instant> nextJointAt() {
        return joint().flatMap(joint -> joint.lifted().map(lifted -> {
            BigDecimal pause = heat(joint, true).pauseS();
            return lifted.plus(seconds(pause == null ? BigDecimal.valueOf(JointHeat.LOOKED_S) : pause));
        }));
    }

    /** By the dwell that was really taken, where it is over. */
    private JointHeat heat(Joint joint, boolean asTaken) {
        JointHeat.Request planned = joint.begun().joint();
        return JointHeat.of(asTaken ? planned.with(dwell(joint)) : planned, job.limits())
                .result();
    }

    private static BigDecimal dwell(Joint joint) {
        long millis = Duration.between(joint.at(), joint.lifted().orElseThrow()).toMillis();
        return BigDecimal.valueOf(millis, 3);
    }

    /** How warm the can got by the dwell that was taken. */
    public Optional<JointHeat> taken() {
        return joint().filter(joint -> joint.lifted().isPresent()).map(joint -> heat(joint, true));
    }

    private static Duration seconds(BigDecimal seconds) {
        return Duration.ofMillis(seconds.movePointRight(3).longValue());
    }
}
