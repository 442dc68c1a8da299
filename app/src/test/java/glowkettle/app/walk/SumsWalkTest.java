package glowkettle.app.walk;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningKettle.class)
class SumsWalkTest {
    private final Kettle kettle;

    SumsWalkTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    @ParameterizedTest
    @CsvSource({"i, /isolation", "d, /library", "k, /sums", "l, /limits"})
    void theWaysThroughTheHouseHaveKeysThoughTheirMenuIsClosed(String key, String path) {
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open("/").press(key).at(path);
        }
    }

    @Test
    void aSumIsReckonedByKeysAndItsAddressIsTheSum() {
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open("/sums/fit/energy").type("nominalV", "11,1").type("capacityMah", "4400");
            technician.press("Enter");
            assertThat(technician.page().locator(".answer-figures").first()).containsText("48.84");

            String address = technician.page().url();
            technician.open("/");
            technician.page().navigate(address);
            assertThat(technician.page().locator(".answer-figures").first()).containsText("48.84");
            assertThat(technician.page().locator("[name=nominalV]")).hasValue("11,1");
        }
    }

    @Test
    void aGaugeThatWasReckonedWithIsKeptInAJobAfterALook() {
        Played job = Played.assessed(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician.open("/sums/assess/health?fullChargeCapacityMah=2480&designCapacityMah=4000&cycles=640");
            technician.page().locator("#into-gauge-read").fill(String.valueOf(job.number()));
            technician.page().locator(".into-job button").click();
            technician.sees("Filled in from a sum, not stored");
            assertThat(technician.page().locator("[name='reading.fullChargeCapacityMah']"))
                    .hasValue("2480");
        }
    }
}
