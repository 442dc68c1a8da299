package glowkettle.app.look;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import glowkettle.app.bench.BenchMapper;
import glowkettle.app.demo.Played;
import glowkettle.app.shop.Shop;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.demo.DemoJob;
import glowkettle.job.assess.AssessEntry;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** What the hands need lies on the first screen, and can be read at arm's length. */
@ExtendWith(RunningKettle.class)
class FirstScreenTest {
    private static final Look PILLOW = new Look(false, true, false, false, false, false, Wet.NO, Damage.NONE);
    private static final Duration LONG_OVERDUE = Duration.ofMinutes(30);
    private static final double LEAST_SHARE = 0.85;
    private static final double LEAST_LETTER_PX = 14;
    private static final double LEAST_MARK_PX = 44;
    private static final double LEAST_PICTURE_PX = 560;

    /**
     * Of the main button its lower edge, of the picture its share in sight, its smallest letter and its smallest mark for a
     * finger; under one danger, since more of them push the page down, as they should.
     */
    private static final String MEASURED = """
            () => {
                document.querySelectorAll('.dangers > :nth-child(n + 2)').forEach(one => one.remove());
                const main = [...document.querySelectorAll('.work .button.main')].find(one => one.offsetParent !== null);
                const picture = document.querySelector('.next-thing.with-face figure svg, .next-thing.with-face > svg');
                const box = picture?.getBoundingClientRect();
                const letters = [...(picture?.querySelectorAll('text') ?? [])]
                    .map(one => one.getScreenCTM().a * parseFloat(getComputedStyle(one).fontSize));
                const marks = [...(picture?.querySelectorAll('.reach') ?? [])].map(one => one.getBoundingClientRect().width);
                return {
                    button: main?.getBoundingClientRect().bottom ?? 0,
                    share: box ? (Math.min(innerHeight, box.bottom) - box.top) / box.height : 1,
                    width: box?.width ?? Infinity,
                    letter: Math.min(...letters, Infinity),
                    mark: Math.min(...marks, Infinity),
                };
            }
            """;

    private final Kettle kettle;

    FirstScreenTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private static double figure(Map<?, ?> measured, String name) {
        return ((Number) measured.get(name)).doubleValue();
    }

    /** A job whose next thing nobody at the bench can do has no main button; where there is one, it is in sight. */
    @ParameterizedTest
    @CsvSource({"1280, 800", "820, 1180"})
    void buttonAndPictureLieOnTheFirstScreen(int width, int height) {
        List<String> missed = new ArrayList<>();
        try (Technician technician = Technician.at(kettle, "technician", width, height, "light")) {
            Page page = technician.page();
            for (DemoJob job : DemoJob.values()) {
                technician.open("/jobs/" + Played.number(kettle, job));
                Map<?, ?> measured = (Map<?, ?>) page.evaluate(MEASURED);
                boolean seen = figure(measured, "button") <= height && figure(measured, "share") >= LEAST_SHARE;
                boolean read = figure(measured, "letter") >= LEAST_LETTER_PX
                        && figure(measured, "mark") >= LEAST_MARK_PX
                        && figure(measured, "width") >= Math.min(LEAST_PICTURE_PX, width);
                if (!seen || !read) {
                    missed.add(job + " " + measured);
                }
            }
        }
        assertThat(missed).isEmpty();
    }

    @AfterEach
    void backToTheMorning() {
        kettle.clock().set(Kettle.START);
    }

    /** Hands first: a pack that overheats is taken off the heat without a finger that scrolls. */
    @ParameterizedTest
    @CsvSource({"1280, 800", "390, 844"})
    void heatOffIsInSightWhenItIsLongOverdue(int width, int height) {
        kettle.clock().set(Kettle.START.plus(LONG_OVERDUE));
        try (Technician technician = Technician.at(kettle, "technician", width, height, "light")) {
            technician.open("/jobs/%s/free".formatted(Played.number(kettle, DemoJob.HEATING)));
            Locator off = technician.page().locator(".button.main:has-text('Heat off')");
            BoundingBox box = off.boundingBox();
            assertThat(box.y + box.height).isLessThanOrEqualTo(height);
        }
    }

    /** However many there are, the dangers of other jobs leave the screen to the work. */
    @ParameterizedTest
    @CsvSource({"1280, 800, 96", "390, 844, 120"})
    void sevenDangersLeaveRoomForTheWork(int width, int height, double highest) {
        List<Played> isolated = IntStream.range(0, 7)
                .mapToObj(i -> Played.assessed(kettle).write(new AssessEntry.Looked(PILLOW)))
                .toList();
        try (Technician technician = Technician.at(kettle, "technician", width, height, "light")) {
            for (String path : List.of("/", "/jobs/" + Played.number(kettle, DemoJob.HEATING))) {
                Object high = technician
                        .open(path)
                        .page()
                        .evaluate("() => document.querySelector('.dangers').getBoundingClientRect().height");
                assertThat(((Number) high).doubleValue()).as(path).isBetween(40.0, highest);
            }
        } finally {
            JdbcTemplate jdbc = new JdbcTemplate(kettle.bean(DataSource.class));
            isolated.forEach(job -> jdbc.update("delete from clock where shop_id = 1 and job = ?", job.number()));
        }
    }

    /** Who looks at the demo for an hour is not taught that dangers are wallpaper. */
    @Test
    void anHourAfterItsStartTheDemoShowsTwoDangersAtMost() {
        Instant hourLater = Kettle.START.plus(Duration.ofHours(1));
        long last = Arrays.stream(DemoJob.values())
                .mapToLong(job -> Played.number(kettle, job))
                .max()
                .orElseThrow();
        assertThat(kettle.bean(BenchMapper.class).calls(Shop.ID, hourLater, hourLater, 500))
                .filteredOn(call -> call.isDanger(hourLater) && call.job() <= last)
                .extracting(BenchMapper.BenchClock::what)
                .hasSizeBetween(1, 2);
    }

    /** Thirty jobs in two screens of a desk; whoever has a telephone sees each in two lines. */
    @ParameterizedTest
    @CsvSource({"1280, 800, 48", "390, 844, 76"})
    void aJobIsARowOfTheBench(int width, int height, double highest) {
        try (Technician technician = Technician.at(kettle, "technician", width, height, "light")) {
            Object heights = technician
                    .open("/")
                    .page()
                    .evaluate(
                            "() => [...document.querySelectorAll('.job-card')].map(one => one.getBoundingClientRect().height)");
            assertThat((List<?>) heights)
                    .isNotEmpty()
                    .allSatisfy(one -> assertThat(((Number) one).doubleValue()).isBetween(43.5, highest));
        }
    }
}
