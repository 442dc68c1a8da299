package glowkettle.app.look;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.demo.DemoJob;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the hands need lies on the first screen, and can be read at arm's length. */
@ExtendWith(RunningKettle.class)
class FirstScreenTest {
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
