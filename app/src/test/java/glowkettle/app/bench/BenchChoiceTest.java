package glowkettle.app.bench;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.assess.Tier;
import glowkettle.job.assess.AssessEntry;
import java.math.BigDecimal;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningKettle.class)
class BenchChoiceTest {
    @Test
    void whatWasChosenStaysUntilAllAreWantedAndHidesNoDanger(Kettle kettle) {
        Played isolated = Played.assessed(kettle);
        isolated.write(new AssessEntry.ThicknessTaken(new Thickness(new BigDecimal("6.6"), List.of(), null)));
        // The worst stands whole; the others are one line, and all of them a page.
        String danger = ".dangers .danger";
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.open("/?stage=fit").page();
            onlyFit(page);
            assertThat(page.locator(danger)).isVisible();

            technician.open("/");
            onlyFit(page);
            assertThat(page.locator(danger)).isVisible();

            technician.open("/calls");
            assertThat(page.locator(".in-danger[href^='/jobs/%s/']".formatted(isolated.number())))
                    .isVisible();
            technician.open("/");
            page.locator(".bench-filter a").first().click();
            assertThat(page.locator(".job-card .stage:not(:text-is('Fit'))").first())
                    .isVisible();
        }
    }

    private static void onlyFit(Page page) {
        assertThat(page.locator(".job-card .stage:text-is('Fit')").first()).isVisible();
        assertThat(page.locator(".job-card .stage:not(:text-is('Fit'))")).hasCount(0);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", ".", "nowhere.NONE..", "open", "open.GUARDED.", "/fit.CLEAR;..", "..%zz.", "....", "...yours"
            })
    void aChoiceOfWhatIsNotThereIsNone(String kept) {
        Assertions.assertThat(BenchChoice.kept(kept).isAll()).isTrue();
    }

    @Test
    void oneIsChosenBesideTheOther() {
        BenchChoice choice =
                BenchChoice.kept("open...").with(new BenchChoice.Asked(null, "GUARDED", "in Box 1.2; left", "mine"));

        Assertions.assertThat(choice).isEqualTo(new BenchChoice("open", Tier.GUARDED, "in Box 1.2; left", true));
        Assertions.assertThat(BenchChoice.kept(choice.text())).isEqualTo(choice);
        Assertions.assertThat(choice.text()).matches("[!#-+\\--:<-\\[\\]-~]*");
        Assertions.assertThat(choice.with(new BenchChoice.Asked("", "", "", "")).isAll())
                .isTrue();
    }
}
