package glowkettle.app.live;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import glowkettle.app.demo.Played;
import glowkettle.app.security.Accounts;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.job.Role;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.open.OpenEntry;
import java.io.BufferedReader;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningKettle.class)
class LiveTest {
    private static final int PAGES = 200;

    private final Kettle kettle;

    LiveTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private static void soon(Locator card) {
        assertThat(card).isVisible();
    }

    @ParameterizedTest
    @ValueSource(strings = {"assess", "open", "journal", "handback"})
    void aChangeOfTierInterruptsEveryOpenPageOfTheJobOnOtherDevicesToo(String page) {
        Played job = Played.assessed(kettle);
        try (Technician other = Technician.at(kettle, "lead")) {
            other.open(job.path(page));
            job.write(new AssessEntry.Looked(new Look(false, false, false, false, false, true, Wet.NO, Damage.NONE)));

            soon(other.page().locator("dialog[data-tier-card='ISOLATE']"));
            other.page().locator("[data-look-again]:visible").click();
            other.tier("Isolate");
        }
    }

    @Test
    void smokeSeenByOnePersonShowsTheCardToAllOthers() {
        Played job = Played.assessed(kettle);
        try (Technician other = Technician.at(kettle, "trainee")) {
            other.open(job.path("open"));
            job.write(new AssessEntry.Looked(new Look(true, false, false, false, false, false, Wet.NO, Damage.NONE)));

            soon(other.page().locator("#evacuate-card"));
        }
    }

    @Test
    void twoPeopleAtOneJobSeeEachOthersSteps() {
        Played job = Played.assessed(kettle);
        try (Technician other = Technician.at(kettle, "lead")) {
            other.open(job.path("open")).headed("Shut it down");
            job.write(new OpenEntry.StepDone("power-off"));
            other.headed("Take the memory card out");
            job.write(new OpenEntry.StepDone("card"));
            other.headed("Lift the rear rubber foot");
        }
    }

    @Test
    void anythingElseIsSaidWithoutTakingTheHandsOffTheWork() {
        Played job = Played.assessed(kettle);
        try (Technician other = Technician.at(kettle, "lead")) {
            other.open(job.path("open"));
            other.page().locator("summary:has-text('Note something')").click();
            other.type("note", "half a sentence");
            job.write(new OpenEntry.StepDone("power-off"));

            soon(other.page().locator("#changed"));
            assertThat(other.page().locator("dialog[open]")).hasCount(0);
        }
    }

    @Test
    void whoWritesIsNotInterruptedByTheirOwnReading() {
        Played job = Played.lifted(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            technician
                    .open(job.path("assess"))
                    .type("thickness.middleThicknessMm", "6.5")
                    .press("Enter");

            technician.tier("Isolate");
            assertThat(technician.page().locator("dialog[open]")).hasCount(0);
        }
    }

    /** One of them never reads: it keeps nobody waiting. */
    @Test
    void twoHundredPagesOpenedAtOnceAllHear() throws Exception {
        Played job = Played.assessed(kettle);
        Requests lead = Requests.as(kettle, "lead");
        String line = "/jobs/" + job.number() + "/live";
        lead.lines(line);
        long heard = job.file().state().seq() + 1;
        CountDownLatch open = new CountDownLatch(PAGES);
        try (ExecutorService pages = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Future<Boolean>> all = IntStream.range(0, PAGES)
                    .mapToObj(i -> pages.submit(() -> hears(lead, line, "\"seq\":" + heard, open)))
                    .toList();
            assertThat(open.await(1, TimeUnit.MINUTES)).isTrue();
            job.write(new OpenEntry.Noted(null, "Cable glued across the pack."));
            for (Future<Boolean> page : all) {
                assertThat(page.get(60, TimeUnit.SECONDS)).isTrue();
            }
        }
    }

    /** A thousand lines are opened, and something changes at a random moment around each. */
    @Test
    void whoOpensWhileSomethingChangesNeverMissesIt() throws Exception {
        Requests lead = Requests.as(kettle, "lead");
        Random random = new Random(14);
        try (ExecutorService pages = Executors.newVirtualThreadPerTaskExecutor()) {
            for (int at = 0; at < 20; at++) {
                Played job = Played.assessed(kettle);
                String line = "/jobs/" + job.number() + "/live";
                for (int i = 0; i < 50; i++) {
                    long heard = job.file().state().seq() + 1;
                    Future<Boolean> page =
                            pages.submit(() -> hears(lead, line, "\"seq\":" + heard, new CountDownLatch(1)));
                    LockSupport.parkNanos(random.nextInt(8_000_000));
                    job.write(new OpenEntry.Noted(null, "Seen while a page opens."));
                    assertThat(page.get(60, TimeUnit.SECONDS)).isTrue();
                }
            }
        }
    }

    private static boolean hears(Requests who, String line, String what, CountDownLatch open) throws IOException {
        try (BufferedReader lines = who.lines(line)) {
            boolean first = true;
            for (String said = lines.readLine(); said != null; said = lines.readLine()) {
                if (first) {
                    open.countDown();
                    first = false;
                }
                if (said.contains(what)) {
                    return true;
                }
            }
            return false;
        }
    }

    @Test
    void theLineOfWhoeverIsLockedEnds() throws Exception {
        Accounts accounts = kettle.bean(Accounts.class);
        accounts.add("live.cook", "Cook", "quayside lamp", Role.TECHNICIAN);
        Played job = Played.opened(kettle);
        try (BufferedReader lines =
                Requests.as(kettle, "live.cook", "quayside lamp").lines("/jobs/" + job.number() + "/live")) {
            assertThat(lines.readLine()).isNotNull();
            accounts.change(new Accounts.Person("live.cook", "Cook", Role.TECHNICIAN, true));
            // It ends, and does not go on for as long as this test has patience.
            assertThat(CompletableFuture.supplyAsync(() -> lines.lines().count())
                            .get(60, TimeUnit.SECONDS))
                    .isNotNegative();
        }
    }
}
