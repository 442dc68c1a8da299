package glowkettle.join;

import static glowkettle.join.LeadFinder.Kind.LOADED;
import static glowkettle.join.LeadFinder.Kind.OHMS;
import static glowkettle.join.LeadFinder.Kind.VOLTS;
import static glowkettle.join.LeadFinder.Role.IDENTITY;
import static glowkettle.join.LeadFinder.Role.MINUS;
import static glowkettle.join.LeadFinder.Role.PLUS;
import static glowkettle.join.LeadFinder.Role.TAP;
import static glowkettle.join.LeadFinder.Role.THERMISTOR;
import static glowkettle.join.LeadFinder.Status.CANNOT_BE_TOLD;
import static glowkettle.join.LeadFinder.Status.CONTRADICTION;
import static glowkettle.join.LeadFinder.Status.LIKELY;
import static glowkettle.join.LeadFinder.Status.OPEN;
import static glowkettle.join.LeadFinder.Status.UNIQUE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.join.LeadFinder.Inside;
import glowkettle.join.LeadFinder.Joined;
import glowkettle.join.LeadFinder.Kind;
import glowkettle.join.LeadFinder.Measurement;
import glowkettle.join.LeadFinder.NewLead;
import glowkettle.join.LeadFinder.Pad;
import glowkettle.join.LeadFinder.Reading;
import glowkettle.join.LeadFinder.Request;
import glowkettle.join.LeadFinder.Role;
import glowkettle.library.Lead;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LeadFinderTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static List<NewLead> leads(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> new NewLead(String.valueOf((char) ('A' + i)), null))
                .toList();
    }

    private static Reading read(String pair, Kind kind, String value) {
        return new Reading(pair.substring(0, 1), pair.substring(1), kind, new BigDecimal(value));
    }

    private static Inside inside(int cells, @Nullable String identityOhm) {
        return new Inside(
                BigDecimal.valueOf(cells),
                new BigDecimal("4.2"),
                null,
                null,
                identityOhm == null ? null : new BigDecimal(identityOhm));
    }

    private static Result<LeadFinder> find(Inside inside, List<Role> roles, Reading... readings) {
        return LeadFinder.find(new Request(leads(roles.size()), roles, inside, List.of(readings), null), LIMITS);
    }

    private static final List<Role> THREE = List.of(PLUS, MINUS, THERMISTOR);

    @Test
    void threeLeadsBeginWithSixAssignmentsAndOneVoltageLeavesTwoThatOnlyTheLoadTellsApart() {
        LeadFinder nothing = find(inside(1, null), THREE).result();
        assertThat(nothing.left()).isEqualTo(6);
        assertThat(nothing.status()).isEqualTo(OPEN);
        assertThat(nothing.next()).isEqualTo(new Measurement("A", "B", VOLTS));

        LeadFinder one = find(inside(1, null), THREE, read("AB", VOLTS, "3.84")).result();
        assertThat(one.left()).isEqualTo(2);
        assertThat(one.status()).isEqualTo(CANNOT_BE_TOLD);
        assertThat(one.leads())
                .extracting(LeadFinder.Found::roles)
                .containsExactly(List.of("plus"), List.of("minus", "thermistor"), List.of("minus", "thermistor"));
        assertThat(one.next()).isEqualTo(new Measurement("A", "B", LOADED));
    }

    @ParameterizedTest
    @CsvSource({"3.83, minus, thermistor", "1.92, thermistor, minus"})
    void theLoadKeepsTheVoltageOfMinusAndHalvesThatOfTheThermistor(String loaded, String second, String third) {
        LeadFinder told = find(inside(1, null), THREE, read("AB", VOLTS, "3.84"), read("AB", LOADED, loaded))
                .result();
        assertThat(told.status()).isEqualTo(OPEN);
        assertThat(told.left()).isEqualTo(1);
        assertThat(told.next()).isEqualTo(new Measurement("A", "C", VOLTS));
        LeadFinder found = find(
                        inside(1, null),
                        THREE,
                        read("AB", VOLTS, "3.84"),
                        read("AB", LOADED, loaded),
                        read("AC", VOLTS, "3.84"))
                .result();
        assertThat(found.status()).isEqualTo(UNIQUE);
        assertThat(found.leads()).extracting(lead -> lead.roles().getFirst()).containsExactly("plus", second, third);
    }

    /** 3.84 V over a thermistor of 10 kΩ: what the resistor at hand leaves of it. */
    @ParameterizedTest
    @CsvSource({"1, 0.349", "4.7, 1.228", "47, 3.166", "100, 3.489"})
    void aResistorAtHandTellsAsMuchAsTenKiloohms(String loadKohm, String loaded) {
        Reading byHand = new Reading("A", "B", LOADED, new BigDecimal(loaded), new BigDecimal(loadKohm));

        LeadFinder told = find(inside(1, null), THREE, read("AB", VOLTS, "3.84"), byHand, read("AC", VOLTS, "3.84"))
                .result();

        assertThat(told.status()).isEqualTo(UNIQUE);
        assertThat(told.leads())
                .extracting(lead -> lead.roles().getFirst())
                .containsExactly("plus", "thermistor", "minus");
    }

    private static Result<LeadFinder> byLooks(List<NewLead> leads, Reading... readings) {
        return LeadFinder.find(new Request(leads, THREE, inside(1, null), List.of(readings), null, true), LIMITS);
    }

    private static NewLead lead(String id, @Nullable String colour, @Nullable Boolean thick) {
        return new NewLead(id, colour, thick);
    }

    @Test
    void withoutAResistorNoLeadIsGuessedBeforeEachHasShownThatItIsWhole() {
        List<NewLead> leads = List.of(lead("A", "red", true), lead("B", "black", true), lead("C", "white", false));

        LeadFinder nothing = byLooks(leads).result();
        assertThat(nothing.status()).isEqualTo(OPEN);
        LeadFinder one = byLooks(leads, read("AB", VOLTS, "3.84")).result();
        assertThat(one.status()).isEqualTo(OPEN);
        assertThat(one.next()).isEqualTo(new Measurement("A", "C", VOLTS));
        Result<LeadFinder> both = byLooks(leads, read("AB", VOLTS, "3.84"), read("AC", VOLTS, "3.84"));
        assertThat(both.result().status()).isEqualTo(LIKELY);
        assertThat(both.result().left()).isEqualTo(2);
        assertThat(both.result().table()).extracting(Joined::role).containsExactly("plus", "minus", "thermistor");
        assertThat(both.findings().getFirst().sentence())
                .contains("by thickness and colour lead B is minus", "swap these two");
    }

    @ParameterizedTest
    @CsvSource({
        "black,  , white,      , minus",
        "white,  , black,      , thermistor",
        "green, true, green,   , minus",
        "green, , green,   true, thermistor",
        "red,    , white,      , minus",
        "green,  , blue,       ,      ",
        "red,    , brown,      ,      ",
        "black, , white,   true,      ",
        "white, true, black,   ,      "
    })
    void onlyMinusAndThermistorAreToldByLooksAndOnlyWhereTheyAgree(
            @Nullable String second,
            @Nullable Boolean secondThick,
            @Nullable String third,
            @Nullable Boolean thirdThick,
            @Nullable String secondIs) {
        LeadFinder told = byLooks(
                        List.of(lead("A", "red", true), lead("B", second, secondThick), lead("C", third, thirdThick)),
                        read("AB", VOLTS, "3.84"),
                        read("AC", VOLTS, "3.84"))
                .result();

        assertThat(told.status()).isEqualTo(secondIs == null ? CANNOT_BE_TOLD : LIKELY);
        assertThat(told.table().stream().skip(1).findFirst().map(Joined::role).orElse(null))
                .isEqualTo(secondIs);
    }

    /** Whatever the readings: between plus and anything nothing is ever likely. */
    @Property(tries = 300)
    void plusIsNeverToldByLooks(@ForAll @IntRange(max = 5) int shown, @ForAll @IntRange(max = 5) int other) {
        List<String> volts = List.of("3.84", "-3.84", "0.00", "0.01", "3.10", "4.15");
        List<NewLead> leads = List.of(lead("A", "red", true), lead("B", "black", true), lead("C", "white", false));

        LeadFinder told = byLooks(leads, read("AB", VOLTS, volts.get(shown)), read("BC", VOLTS, volts.get(other)))
                .result();

        if (told.status() == LIKELY) {
            assertThat(told.leads().stream().filter(lead -> lead.roles().equals(List.of("plus"))))
                    .hasSize(1);
        }
    }

    @Test
    void probesTheWrongWayRoundReadLessThanNothingAndTellAsMuch() {
        LeadFinder found = find(
                        inside(1, null),
                        THREE,
                        read("BA", VOLTS, "-3.84"),
                        read("BA", LOADED, "-3.84"),
                        read("CA", VOLTS, "-3.84"))
                .result();
        assertThat(found.status()).isEqualTo(UNIQUE);
        assertThat(found.leads().getFirst().roles()).containsExactly("plus");
    }

    @Test
    void readingsThatCannotAllBeTrueNameTheOneToTakeAgain() {
        LeadFinder found = find(
                        inside(1, null),
                        THREE,
                        read("AB", VOLTS, "3.84"),
                        read("AC", VOLTS, "3.83"),
                        read("BC", VOLTS, "3.80"))
                .result();
        assertThat(found.status()).isEqualTo(CONTRADICTION);
        assertThat(found.left()).isZero();
        assertThat(found.next()).isNull();
        assertThat(found.measureAgain().getFirst()).isEqualTo(new Measurement("B", "C", VOLTS));
    }

    @Test
    void aThermistorGivesItsTemperatureAndAWarmOneIsWarnedOfNotRefused() {
        Result<LeadFinder> bench = find(
                inside(1, null),
                THREE,
                read("AB", VOLTS, "3.84"),
                read("BC", VOLTS, "0.00"),
                read("BC", OHMS, "10000"),
                read("AC", LOADED, "1.92"));
        assertThat(bench.result().status()).isEqualTo(UNIQUE);
        assertThat(bench.result().temperatureC()).isEqualByComparingTo("25.0");
        Result<LeadFinder> warm = find(
                inside(1, null),
                THREE,
                read("AB", VOLTS, "3.84"),
                read("BC", VOLTS, "0.00"),
                read("BC", OHMS, "4000"),
                read("AC", LOADED, "2.74"));
        assertThat(warm.result().status()).isEqualTo(UNIQUE);
        assertThat(warm.findings())
                .anyMatch(finding -> finding.rule().equals("leads-thermistor") && finding.weight() == Weight.CARE);
    }

    @Test
    void leadsToTheSameTabAreOneAssignmentAndTheJoinTableHasBothColours() {
        Result<LeadFinder> doubled = find(inside(1, null), List.of(PLUS, PLUS, MINUS), read("AC", VOLTS, "3.70"));
        assertThat(find(inside(1, null), List.of(PLUS, PLUS, MINUS)).result().left())
                .isEqualTo(3);
        assertThat(doubled.result().left()).isEqualTo(1);
        LeadFinder found = LeadFinder.find(
                        new Request(
                                List.of(new NewLead("A", "white"), new NewLead("B", "white"), new NewLead("C", "blue")),
                                List.of(PLUS, PLUS, MINUS),
                                inside(1, null),
                                List.of(read("AC", VOLTS, "3.70"), read("BC", VOLTS, "3.70")),
                                List.of(
                                        new Pad("B-", "black", MINUS),
                                        new Pad("B+ left", "red", PLUS),
                                        new Pad("B+ right", "red", PLUS))),
                        LIMITS)
                .result();
        assertThat(found.status()).isEqualTo(UNIQUE);
        assertThat(found.table())
                .containsExactly(
                        new Joined("A", "white", "plus", "B+ left", "red"),
                        new Joined("B", "white", "plus", "B+ right", "red"),
                        new Joined("C", "blue", "minus", "B-", "black"));
    }

    /** A lead that was never measured, or shows nothing, is not found by what is left over. */
    @Test
    void aLeadThatShowedNothingIsMeasuredBeforeItCountsAndABrokenOneIsNamed() {
        LeadFinder silent = find(
                        inside(1, null),
                        THREE,
                        read("AB", VOLTS, "3.84"),
                        read("AB", LOADED, "3.84"),
                        read("BC", VOLTS, "0.00"))
                .result();
        assertThat(silent.status()).isEqualTo(OPEN);
        assertThat(silent.table()).isEmpty();
        assertThat(silent.next()).isEqualTo(new Measurement("A", "C", VOLTS));

        Result<LeadFinder> dead = find(
                inside(1, null),
                THREE,
                read("AB", VOLTS, "3.84"),
                read("AB", LOADED, "3.84"),
                read("AC", VOLTS, "0.00"));
        assertThat(dead.result().status()).isEqualTo(CONTRADICTION);
        assertThat(dead.result().brokenLead()).isEqualTo("C");
        assertThat(dead.findings()).anyMatch(finding -> finding.sentence().contains("Lead C is broken"));
    }

    /** Whatever pack it is, every lead has read a voltage or ohms by the time it is found; a dead one never is. */
    @Test
    void noDeadLeadIsEverFound() {
        for (int dead = 0; dead < 4; dead++) {
            List<Role> roles = List.of(PLUS, MINUS, TAP, THERMISTOR);
            LeadsInside inside = LeadsInside.mirrored(
                    List.of("A", "B", "C", "D"),
                    List.of(Lead.Role.POSITIVE, Lead.Role.TAP, Lead.Role.THERMISTOR, Lead.Role.NEGATIVE),
                    2);
            String gone = String.valueOf((char) ('A' + dead));
            List<Reading> readings = new ArrayList<>();
            LeadFinder found = find(inside(2, null), roles).result();
            while (found.next() != null) {
                Measurement wanted = found.next();
                boolean nothing = wanted.from().equals(gone) || wanted.to().equals(gone);
                BigDecimal value = nothing
                        ? new BigDecimal(wanted.kind() == OHMS ? "10000000" : "0.00")
                        : inside.reads(wanted).orElseThrow();
                readings.add(new Reading(wanted.from(), wanted.to(), wanted.kind(), value));
                found = find(inside(2, null), roles, readings.toArray(Reading[]::new))
                        .result();
            }
            assertThat(found.status()).as(gone).isNotEqualTo(UNIQUE);
        }
    }

    @Test
    void ohmsAreReadOnlyWhereNoVoltageIs() {
        assertThatThrownBy(() -> find(inside(1, null), THREE, read("AB", VOLTS, "3.84"), read("AB", OHMS, "10000")))
                .isInstanceOf(Unanswerable.class)
                .hasMessageContaining("read A–B in volts first");
        assertThatThrownBy(() -> find(inside(1, null), THREE, read("BC", OHMS, "10000")))
                .isInstanceOf(Unanswerable.class);
    }

    @ParameterizedTest
    @CsvSource({
        "7, 'PLUS MINUS TAP TAP TAP TAP TAP', 8",
        "3, 'PLUS MINUS', 1",
        "3, 'PLUS PLUS TAP', 3",
        "3, 'PLUS MINUS TAP', 1",
        "3, 'PLUS MINUS IDENTITY', 1",
        "4, 'PLUS MINUS THERMISTOR THERMISTOR', 1"
    })
    void leadsAndRolesThatCannotBeAreSaid(int leads, String roles, int cells) {
        List<Role> named = List.of(roles.split(" ")).stream().map(Role::valueOf).toList();
        assertThatThrownBy(() ->
                        LeadFinder.find(new Request(leads(leads), named, inside(cells, null), List.of(), null), LIMITS))
                .isInstanceOf(Unanswerable.class);
    }

    /** A pack as it really is: what a meter shows between two of its leads. */
    private record Pack(List<Role> roles, double[] cellV, double thermistorOhm, double identityOhm) {
        private double point(int lead) {
            int taps = 0;
            for (int i = 0; i < lead; i++) {
                taps += roles.get(i) == TAP ? 1 : 0;
            }
            int cells = switch (roles.get(lead)) {
                case MINUS, THERMISTOR, IDENTITY -> 0;
                case TAP -> taps + 1;
                case PLUS -> cellV.length;
            };
            double sum = 0;
            for (int i = 0; i < cells; i++) {
                sum += cellV[i];
            }
            return sum;
        }

        private double behind(int lead) {
            return switch (roles.get(lead)) {
                case PLUS, MINUS, TAP -> 0;
                case THERMISTOR -> thermistorOhm;
                case IDENTITY -> identityOhm;
            };
        }

        private Reading shown(Measurement measurement) {
            int from = measurement.from().charAt(0) - 'A';
            int to = measurement.to().charAt(0) - 'A';
            double behind = behind(from) + behind(to);
            double across = measurement.kind() == LOADED ? 10e3 * 10e6 / (10e3 + 10e6) : 10e6;
            BigDecimal value = measurement.kind() == OHMS
                    ? BigDecimal.valueOf(Math.round(behind))
                    : BigDecimal.valueOf((point(from) - point(to)) * across / (across + behind))
                            .setScale(2, java.math.RoundingMode.HALF_UP);
            return new Reading(measurement.from(), measurement.to(), measurement.kind(), value);
        }

        private String role(int lead) {
            long taps = roles.stream().filter(role -> role == TAP).count();
            if (roles.get(lead) != TAP || taps == 1) {
                return roles.get(lead).words();
            }
            return "tap "
                    + (1
                            + roles.subList(0, lead).stream()
                                    .filter(role -> role == TAP)
                                    .count());
        }
    }

    @Property(tries = 500)
    void whoeverMeasuresWhatIsProposedFindsEveryLeadOfAnyPackAndNoReadingContradictsTheTruth(
            @ForAll Random random, @ForAll @IntRange(min = 2, max = 6) int leads) {
        int taps = random.nextInt(Math.min(3, leads - 1));
        List<Role> roles = new ArrayList<>(List.of(PLUS, MINUS));
        for (int i = 0; i < taps; i++) {
            roles.add(TAP);
        }
        for (Role more : List.of(THERMISTOR, IDENTITY, PLUS, MINUS)) {
            if (roles.size() < leads) {
                roles.add(more);
            }
        }
        while (roles.size() < leads) {
            roles.add(PLUS);
        }
        List<Role> shuffled = new ArrayList<>(roles);
        java.util.Collections.shuffle(shuffled, random);
        Pack pack = new Pack(
                shuffled, random.doubles(taps + 1, 2.5, 4.2).toArray(), 6_000 + random.nextInt(12_000), 47_000);
        Inside inside = inside(taps + 1, "47000");
        List<Reading> readings = new ArrayList<>();
        LeadFinder found;
        do {
            found = LeadFinder.find(new Request(leads(leads), roles, inside, readings, null), LIMITS)
                    .result();
            assertThat(found.left()).as("%s by %s", pack, readings).isPositive();
            for (int lead = 0; lead < leads; lead++) {
                assertThat(found.leads().get(lead).roles())
                        .as("%s by %s", pack, readings)
                        .contains(pack.role(lead));
            }
            if (found.next() != null) {
                readings.add(pack.shown(found.next()));
            }
            assertThat(readings).hasSizeLessThanOrEqualTo(45);
        } while (found.next() != null);
        assertThat(found.status()).as("%s by %s", pack, readings).isEqualTo(UNIQUE);
    }
}
