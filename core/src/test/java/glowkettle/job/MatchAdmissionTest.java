package glowkettle.job;

import static glowkettle.job.CellPack.*;
import static glowkettle.job.Refusals.refused;
import static glowkettle.job.Refusals.taken;
import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.Welding;
import glowkettle.job.match.Building;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import glowkettle.join.WeldLadder;
import glowkettle.match.BuildStep;
import glowkettle.match.Screening;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A pack of cells: nothing is joined that may not be, and nothing goes in that was not measured. */
class MatchAdmissionTest {
    @Test
    void stepsAreDoneInTheirOrder() {
        Bench bench = alike();
        List<BuildStep> steps = Building.of(bench.file()).steps();
        refused(bench, done(steps.get(3), null), "The next step is");
        refused(bench, new MatchEntry.BuildStepDone("rings", MatchEntry.JoinedBy.TAGS, n("0")), "Nothing is joined");
        until(bench, BuildStep.Kind.STRIPS);
        refused(bench, new MatchEntry.BuildStepDone(next(bench).id(), null, null), "welded or soldered");
        refused(
                bench,
                new MatchEntry.BuildStepDone(next(bench).id(), MatchEntry.JoinedBy.TAGS, n("4")),
                "makes 0 welds");
        taken(bench, done(next(bench), MatchEntry.JoinedBy.TAGS));
    }

    /** Half a volt through sixty milliohms is eight amperes; 1.3 A is half of 2 600 mAh an hour. */
    @ParameterizedTest
    @CsvSource({
        "3.600, 3.600, true",
        "3.600, 3.677, true",
        "3.600, 3.679, false",
        "3.600, 4.100, false",
        "3.600, '', false"
    })
    void cellsTooFarApartAreNotPutInParallel(String one, String other, boolean allowed) {
        Bench bench = until(matched(one, other, one, one), BuildStep.Kind.STRIPS);
        Optional<String> refusal = bench.refusal(done(next(bench), MatchEntry.JoinedBy.TAGS));
        boolean first = Matching.of(bench.file()).joined().getFirst().isAllowed();
        boolean second = Matching.of(bench.file()).joined().getLast().isAllowed();

        assertThat(first && second).isEqualTo(allowed);
        assertThat(refusal.isEmpty()).isEqualTo(allowed);
        bench.write(new MatchEntry.CellMetered("K1", n(one)));
        taken(bench, done(next(bench), MatchEntry.JoinedBy.TAGS));
    }

    @Test
    void weldsWantALevelThatHoldsAndAreCountedForIt() {
        Bench bench = until(alike(), BuildStep.Kind.STRIPS);
        refused(bench, done(next(bench), MatchEntry.JoinedBy.WELDS), "No level is proven");
        bench.write(new JoinEntry.WelderSet(n("0.1"), n("1"), n("9")));
        List.of("9", "21")
                .forEach(pull -> bench.write(new JoinEntry.WeldTried(new WeldLadder.Trial(
                        pull.equals("9") ? n("1") : n("2"), Collections.nCopies(5, n(pull)), false))));
        BigDecimal before = Welding.of(bench.file()).asked().orElseThrow().weldsSince();
        BuildStep step = next(bench);
        bench.write(done(step, MatchEntry.JoinedBy.WELDS));
        assertThat(Welding.of(bench.file()).asked().orElseThrow().weldsSince())
                .isEqualByComparingTo(before.add(BigDecimal.valueOf(step.welds())));
    }

    @Test
    void whatIsJoinedIsSettled() {
        Bench bench = until(alike(), BuildStep.Kind.STRIPS);
        taken(bench, wanted("2", "1", null));
        bench.write(done(next(bench), MatchEntry.JoinedBy.TAGS));
        refused(bench, wanted("2", "1", null), "joined already");
        refused(bench, cells("3.6"), "stands twice");
        refused(bench, found(bench), "joined already");
        taken(bench, new MatchEntry.CellMetered("K1", n("3.61")));
    }

    /** A voltage that comes to light late takes its cell out of every strip, and another one goes in for it. */
    @Test
    void aCellThatFellBelowItsFloorIsExchangedBeforeItsGroupIsJoined() {
        Bench bench = until(
                matched("3.60", "3.60", "3.60", "3.60").write(new MatchEntry.CellMetered("K1", n("1.90"))),
                BuildStep.Kind.STRIPS);

        refused(bench, done(next(bench), MatchEntry.JoinedBy.TAGS), "K1 goes into no pack any more");
        assertThat(Matching.of(bench.file()).joined().getFirst().paralleling()).isEmpty();
        refused(bench, new MatchEntry.CellExchanged("K1", "K2"), "no accepted cell that is free");
        refused(bench, new MatchEntry.CellExchanged("X", "K2"), "in no group");

        bench.write(new MatchEntry.CellMetered("K1", n("3.60")));
        bench.write(done(next(bench), MatchEntry.JoinedBy.TAGS));
        bench.write(new MatchEntry.CellListed(cell("S1", "2600", "3.60", false)));
        assertThat(Matching.of(bench.file()).spares()).containsExactly("S1");
        refused(bench, new MatchEntry.CellExchanged("K1", "S1"), "is joined already");
    }

    /** What comes to light late is no dead end: the strips come off, another cell goes in, and the group is joined anew. */
    @Test
    void aCellThatFailsOnItsStripsIsExchangedOnceTheyAreOff() {
        Bench bench = until(alike(), BuildStep.Kind.STRIPS);
        BuildStep first = next(bench);
        refused(bench, new MatchEntry.StripsOff(n("1")), "No strip lies on group 1");
        bench.write(done(first, MatchEntry.JoinedBy.TAGS))
                .write(new MatchEntry.CellListed(cell("S1", "2600", "3.6", false)));
        String out = Matching.of(bench.file())
                .matched()
                .orElseThrow()
                .groups()
                .getFirst()
                .ids()
                .getFirst();
        bench.write(new MatchEntry.CellMetered(out, n("1.90")));
        BuildStep after = until(bench, BuildStep.Kind.STRIPS) == bench ? next(bench) : first;
        refused(bench, done(after, MatchEntry.JoinedBy.TAGS), out + " goes into no pack any more");
        assertThat(Matching.of(bench.file()).joined().getFirst().onStrips()).isTrue();

        bench.write(new MatchEntry.StripsOff(n("1"))).write(new MatchEntry.CellExchanged(out, "S1"));
        assertThat(next(bench).id()).isEqualTo(first.id());
        taken(bench, done(first, MatchEntry.JoinedBy.TAGS));
        refused(isolated(bench), new MatchEntry.StripsOff(n("2")), "");
    }

    @Test
    void aCellThatWouldCarryTooMuchStopsTheBuilding() {
        Bench bench = new Bench().assessed().write(wanted("2", "2", "20")).write(cells("3.6", "3.6", "3.6", "3.6"));
        bench.write(found(bench));
        refused(bench, done(next(bench), null), "would carry 10.000 A");
    }

    @Test
    void nothingIsListedMatchedOrBuiltWhileIsolated() {
        Bench sound = new Bench().assessed().write(wanted("1", "2", null)).write(cells("3.6", "3.6", "3.6"));
        MatchEntry.Matched groups = found(sound);
        Bench bench = isolated(sound);
        for (Entry entry : List.of(
                cells("3.7"),
                wanted("1", "2", null),
                groups,
                new MatchEntry.CellMetered("K1", n("3.6")),
                new MatchEntry.CellRewrapped("K1"),
                new MatchEntry.SetKept(new Screening.Made(null, null)))) {
            refused(bench, entry, "Isolate");
        }
        Bench building = alike();
        BuildStep step = next(building);
        refused(isolated(building), done(step, null), "Isolate");
    }

    @Test
    void aPackThatNoChemistryChargesIsNotWanted() {
        MatchEntry.PackWanted wanted = wanted("1", "1", null);
        MatchEntry.PackWanted odd = new MatchEntry.PackWanted(
                wanted.series(),
                wanted.parallel(),
                new MatchEntry.Rated(n("2600"), n("3.6"), n("4.8"), n("8"), null),
                wanted.size(),
                wanted.strips(),
                null,
                wanted.parts(),
                wanted.box());
        refused(new Bench().assessed(), odd, "4.8");
    }

    @Test
    void nothingIsJoinedWhereNothingIsAndEveryWeldIsCounted() {
        Bench bench = alike();
        String ring = next(bench).id();
        taken(bench, new MatchEntry.BuildStepDone(ring, null, n("0")));
        refused(bench, new MatchEntry.BuildStepDone(ring, null, n("4")), "Nothing is joined at this step");
        until(bench, BuildStep.Kind.STRIPS);
        BuildStep strips = next(bench);
        refused(
                bench,
                new MatchEntry.BuildStepDone(strips.id(), MatchEntry.JoinedBy.TAGS, null),
                "This step makes 0 welds");
        refused(
                bench,
                new MatchEntry.BuildStepDone(strips.id(), MatchEntry.JoinedBy.TAGS, n("1")),
                "This step makes 0 welds");
    }

    /** Another one goes in for a cell that went bad, while its group is open. */
    @Test
    void aFreeCellTakesThePlaceOfARejectedOne() {
        Bench bench = new Bench().assessed().write(wanted("1", "2", null)).write(cells("3.60", "3.60", "3.60"));
        bench.write(found(bench));
        String out = Matching.of(bench.file())
                .matched()
                .orElseThrow()
                .groups()
                .getFirst()
                .ids()
                .getFirst();
        String free = Matching.of(bench.file()).spares().getFirst();
        refused(bench, new MatchEntry.CellExchanged(out, "X9"), "there are: " + free);
        bench.write(new MatchEntry.CellExchanged(out, free));
        assertThat(Matching.of(bench.file())
                        .matched()
                        .orElseThrow()
                        .groups()
                        .getFirst()
                        .ids())
                .contains(free)
                .doesNotContain(out);
        refused(isolated(bench), new MatchEntry.CellExchanged(free, out), "Isolate");
    }

    @Test
    void anUnreadCellAndOneThatIsApartAreNamed() {
        Bench unread = until(matched("3.60", "3.60", "3.60", ""), BuildStep.Kind.STRIPS);
        refused(unread, done(next(unread), MatchEntry.JoinedBy.TAGS), "measure the rested voltage of K3");
        Bench apart = until(matched("3.60", "3.90", "3.60", "3.90"), BuildStep.Kind.STRIPS);
        assertThat(apart.refusal(done(next(apart), MatchEntry.JoinedBy.TAGS)))
                .hasValueSatisfying(why -> assertThat(why).isNotBlank());
    }

    /** Whatever is tried in whatever order: no strip goes onto cells that are apart, unread, or of too much current. */
    @Test
    void noOrderOfActsJoinsWhatIsApart() {
        for (int seed = 0; seed < 40; seed++) {
            Random random = new Random(seed);
            Bench bench = new Bench().assessed().write(wanted("2", "2", "5")).write(cells("3.60", "3.90", "", "3.61"));
            for (int act = 0; act < 60; act++) {
                List<Entry> acts = new ArrayList<>(List.of(
                        new MatchEntry.CellMetered("K" + random.nextInt(4), n("3." + (60 + random.nextInt(30)))),
                        new MatchEntry.CellListed(cell("N" + act, "2600", random.nextBoolean() ? "3.6" : null, false)),
                        found(bench),
                        CHARGE));
                Building.of(bench.file()).steps().forEach(step -> acts.add(done(step, MatchEntry.JoinedBy.TAGS)));
                Entry chosen = acts.get(random.nextInt(acts.size()));
                Building.of(bench.file()).next().ifPresent(step -> acts.add(done(step, MatchEntry.JoinedBy.TAGS)));
                Entry entry = random.nextBoolean() ? chosen : acts.getLast();
                boolean strips = entry instanceof MatchEntry.BuildStepDone one
                        && one.step().startsWith("strips-");
                if (bench.refusal(entry).isEmpty()) {
                    if (strips) {
                        int node = Integer.parseInt(
                                ((MatchEntry.BuildStepDone) entry).step().split("-")[1]);
                        assertThat(Matching.of(bench.file()).joined())
                                .filteredOn(group -> group.group() == node || group.group() == node + 1)
                                .allMatch(Matching.Joined::isAllowed);
                    }
                    bench.write(entry);
                }
            }
        }
    }
}
