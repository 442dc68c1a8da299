package glowkettle.app.bench;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.assess.Tier;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningKettle.class)
class BenchChoiceTest {
    @Test
    void whatWasChosenStaysUntilAllAreWantedAndHidesNoDanger(Kettle kettle) {
        kettle.clock().set(Kettle.START);
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.open("/?stage=fit").page();
            int fitting = page.locator(".job-card").count();
            int dangers = page.locator(".danger").count();

            Assertions.assertThat(fitting).isPositive();
            assertThat(page.locator(".job-card .stage:text-is('Fit')")).hasCount(fitting);
            technician.open("/");
            assertThat(page.locator(".job-card .stage:text-is('Fit')")).hasCount(fitting);
            assertThat(page.locator(".danger")).hasCount(dangers);

            page.locator(".bench-filter a").first().click();
            assertThat(page.locator(".job-card .stage:text-is('Open')").first()).isVisible();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", ".", "nowhere.NONE", "open", "open.GUARDED.", "../fit.CLEAR;"})
    void aChoiceOfWhatIsNotThereIsNone(String kept) {
        Assertions.assertThat(BenchChoice.kept(kept).stage()).isNull();
    }

    @Test
    void oneIsChosenBesideTheOther() {
        BenchChoice choice = BenchChoice.kept("open.").with(null, "GUARDED");

        Assertions.assertThat(choice).isEqualTo(new BenchChoice("open", Tier.GUARDED));
        Assertions.assertThat(BenchChoice.kept(choice.text())).isEqualTo(choice);
        Assertions.assertThat(choice.with("", "").isAll()).isTrue();
    }
}
