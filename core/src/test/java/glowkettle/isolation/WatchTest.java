package glowkettle.isolation;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.Tier;
import glowkettle.isolation.Watch.Look;
import glowkettle.isolation.Watch.Pace;
import glowkettle.isolation.Watch.Stored;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WatchTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();
    private static final OpeningHours NEVER_CLOSED = hours(List.of(
            new OpeningHours.Span(LocalTime.MIN, LocalTime.NOON),
            new OpeningHours.Span(LocalTime.NOON, LocalTime.parse("23:59:59.999999999"))));
    private static final OpeningHours BY_DAY =
            hours(List.of(new OpeningHours.Span(LocalTime.parse("08:00"), LocalTime.parse("18:00"))));
    /** A Wednesday. */
    private static final Instant STORED = Instant.parse("2026-11-18T09:00:00Z");

    private static OpeningHours hours(List<OpeningHours.Span> spans) {
        return new OpeningHours(
                ZoneId.of("UTC"),
                Arrays.stream(DayOfWeek.values()).collect(Collectors.toMap(Function.identity(), day -> spans)),
                Map.of());
    }

    private static Watch.Due next(Tier tier, OpeningHours hours, Look... looks) {
        return Watch.next(new Stored(tier, STORED, List.of(looks)), hours, LIMITS)
                .result();
    }

    private static Look cool(String after) {
        return new Look(STORED.plus(Duration.parse(after)), false);
    }

    private static Look warm(String after) {
        return new Look(STORED.plus(Duration.parse(after)), true);
    }

    /** The schedule of the handbook: every 15 min for 2 h, hourly to 24 h, daily to 72 h, then weekly. */
    @ParameterizedTest
    @CsvSource({
        "PT0M, OFTEN, PT15M",
        "PT1H45M, OFTEN, PT2H",
        "PT1H59M, OFTEN, PT2H14M",
        "PT2H, HOURLY, PT3H",
        "PT23H59M, HOURLY, PT24H59M",
        "PT24H, DAILY, PT48H",
        "PT71H, DAILY, PT95H",
        "PT72H, WEEKLY, PT240H",
        "PT900H, WEEKLY, PT1068H",
    })
    void looksGetRarerAsThePackStaysQuiet(String lastLook, Pace pace, String due) {
        Watch.Due next = next(Tier.ISOLATE, NEVER_CLOSED, cool(lastLook));

        assertThat(next.pace()).isEqualTo(pace);
        assertThat(next.due()).isEqualTo(STORED.plus(Duration.parse(due)));
    }

    @Test
    void aWarmReadingBeginsTheWatchAnew() {
        Watch.Due next = next(Tier.ISOLATE, NEVER_CLOSED, cool("PT30H"), warm("PT50H"));
        assertThat(next.pace()).isEqualTo(Pace.OFTEN);
        assertThat(next.due()).isEqualTo(STORED.plus(Duration.parse("PT50H15M")));

        assertThat(next(Tier.ISOLATE, NEVER_CLOSED, warm("PT50H"), cool("PT53H"))
                        .pace())
                .isEqualTo(Pace.HOURLY);
    }

    @Test
    void anOrdinaryPackIsLookedAtDailyUntilItWasOnceWarm() {
        assertThat(next(Tier.CLEAR, NEVER_CLOSED).pace()).isEqualTo(Pace.DAILY);
        assertThat(next(Tier.GUARDED, NEVER_CLOSED).pace()).isEqualTo(Pace.OFTEN);
        assertThat(next(Tier.CLEAR, NEVER_CLOSED, warm("PT100H")).pace()).isEqualTo(Pace.OFTEN);
    }

    @Test
    void whatFallsDueAtNightWaitsForTheOpeningAndIsolatedPacksGoOutdoors() {
        Stored evening = new Stored(Tier.ISOLATE, Instant.parse("2026-11-18T17:50:00Z"), List.of());
        var next = Watch.next(evening, BY_DAY, LIMITS);

        assertThat(next.result().due()).isEqualTo("2026-11-19T08:00:00Z");
        assertThat(next.result().unstaffedFrom()).isEqualTo("2026-11-18T18:05:00Z");
        assertThat(next.findings()).extracting(finding -> finding.rule()).containsExactly("watch-unstaffed");
        assertThat(next.result().overdue(Instant.parse("2026-11-19T08:00:00Z"))).isFalse();
        assertThat(next.result().overdue(Instant.parse("2026-11-19T08:00:01Z"))).isTrue();
    }

    @Test
    void aShopThatNeverOpensStillSaysWhen() {
        assertThat(next(Tier.ISOLATE, hours(List.of())).due()).isEqualTo(STORED.plus(Duration.ofMinutes(15)));
    }

    @ParameterizedTest
    @CsvSource({"23.9, 21, false", "24, 21, true", "44.9, 43, false", "45, 44, true", "18, 21, false"})
    void warmIsThreeKelvinAboveItsAirOrHotByItself(BigDecimal surfaceC, BigDecimal ambientC, boolean warm) {
        assertThat(Watch.warm(surfaceC, ambientC, LIMITS)).isEqualTo(warm);
    }

    @Provide
    Arbitrary<List<Look>> looks() {
        return Combinators.combine(
                        Arbitraries.integers().between(0, 900_000),
                        Arbitraries.frequency(Tuple.of(4, false), Tuple.of(1, true)))
                .as((seconds, warm) -> new Look(STORED.plusSeconds(seconds), warm))
                .list()
                .ofMaxSize(5);
    }

    private static Instant due(Tier tier, List<Look> looks, OpeningHours hours, ShopLimits limits) {
        return Watch.next(new Stored(tier, STORED, looks), hours, limits)
                .result()
                .due();
    }

    /** Whatever was looked at when: a worse tier, a warm reading or a stricter limit never puts the next look off. */
    @Property(seed = "11", edgeCases = EdgeCasesMode.NONE)
    void nothingWorseEverPutsALookOff(@ForAll("looks") List<Look> looks, @ForAll boolean byDay) {
        OpeningHours hours = byDay ? BY_DAY : NEVER_CLOSED;
        ShopLimits stricter = LIMITS.with(Limit.WATCH_OFTEN_MINUTES, BigDecimal.TEN)
                .with(Limit.WATCH_OFTEN_HOURS, BigDecimal.valueOf(4));
        Instant isolated = due(Tier.ISOLATE, looks, hours, LIMITS);

        assertThat(isolated).isBeforeOrEqualTo(due(Tier.CLEAR, looks, hours, LIMITS));
        assertThat(due(Tier.ISOLATE, looks, hours, stricter)).isBeforeOrEqualTo(isolated);
        if (!looks.isEmpty()) {
            List<Look> warmer = new ArrayList<>(looks);
            Look last = new Stored(Tier.CLEAR, STORED, looks).looks().getLast();
            warmer.remove(last);
            warmer.add(new Look(last.at(), true));
            assertThat(due(Tier.ISOLATE, warmer, hours, LIMITS)).isBeforeOrEqualTo(isolated);
        }
    }
}
