package glowkettle.app.look;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Cookie;
import glowkettle.app.demo.Played;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RawWords;
import glowkettle.app.support.RunningKettle;
import glowkettle.app.support.Technician;
import glowkettle.arrive.OpenedBefore;
import glowkettle.arrive.Quote;
import glowkettle.assess.HazardReadings.Damage;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import glowkettle.cell.Calipered;
import glowkettle.fit.PackLabel;
import glowkettle.free.Effort;
import glowkettle.free.Loosening;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.fit.FitEntry;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.isolation.Isolating;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every page in both themes: nothing for the browser to complain about, nothing axe objects to, nothing that scrolls sideways. */
@ExtendWith(RunningKettle.class)
class LookTest {
    private static final Path AXE = Path.of("src/main/frontend/node_modules/axe-core/axe.min.js");

    /** How large a target is is asked where it is smallest: on a telephone. */
    private static final String EVERYTHING =
            "{\"rules\": {\"target-size\": {\"enabled\": false}}, \"resultTypes\": [\"violations\"]}";

    private static final String CONTRAST = "{\"runOnly\": [\"color-contrast\"], \"resultTypes\": [\"violations\"]}";
    private static final String HANDS =
            "{\"runOnly\": [\"target-size\", \"scrollable-region-focusable\"], \"resultTypes\": [\"violations\"]}";
    /** So tall that nothing sticks over what stands under it, which is nearer only for a moment. */
    private static final int TALL = 6000;

    private static final int[] WIDTHS = {1280, 820, 390};

    private final Kettle kettle;

    LookTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
    }

    private List<String> pages() {
        Played isolated = Played.assessed(kettle)
                .write(new AssessEntry.Looked(new Look(false, true, true, false, false, true, Wet.NO, Damage.NONE)));
        Played opening = Played.assessed(kettle);
        Played fitting = Played.measured(kettle);
        fitting.write(new FitEntry.PackOffered(fitting.rightLabel()));
        Played back = Played.goingBack(kettle, 4);
        Played done = Played.readyToSign(kettle);
        fitting.write(new ArriveEntry.Quoted(new Quote.Request(
                new BigDecimal("24"),
                List.of(),
                List.of(
                        new Quote.Priced("Pack as fitted", new BigDecimal("64")),
                        new Quote.Priced("The longest name of a pack that anybody would think of", BigDecimal.TEN)))));
        return List.of(
                fitting.path("arrive"),
                fitting.path("arrive/quote"),
                fitting.path("labels"),
                unknown(),
                Played.address(kettle, "/jobs/{WATCHED_SWELLING}/assess"),
                "/",
                "/?find=zzz",
                "/jobs/new",
                opening.path("arrive"),
                Played.opened(kettle).path("assess"),
                Played.lifted(kettle).path("assess"),
                isolated.path("assess"),
                opening.path("open"),
                fitting.path("fit"),
                back.path("wayback"),
                back.path("prove"),
                Played.closedUp(kettle).path("calibrate"),
                done.path("handback"),
                done.path("handback/sheet"),
                done.path("journal"),
                "/library",
                "/library/petrel-5",
                Played.at(kettle, "petrel-5", "soften-front").path("free"),
                Played.at(kettle, "petrel-5", "free-pack").path("free"),
                Played.at(kettle, "guillemot-6", "free-pack")
                        .write(new FreeEntry.Prised("free-pack", Loosening.CARD, Effort.STRONG))
                        .path("free"),
                Played.address(kettle, "/jobs/{HEATING}/free"),
                Played.address(kettle, "/jobs/{SOLVENT_WET}/free"),
                Played.address(kettle, "/jobs/{OFFERS}/fit"),
                Played.address(kettle, "/jobs/{TELLING_APART}/join"),
                Played.address(kettle, "/jobs/{MOVING_BOARD}/join"),
                Played.address(kettle, "/jobs/{BUILDING}/match"),
                Played.address(kettle, "/jobs/{BANK}/match?cells=rejects"),
                Played.address(kettle, "/jobs/{BANK}/match/labels"),
                "/isolation",
                "/isolation/round/"
                        + Isolating.of(done.file()).stored().orElseThrow().container(),
                "/isolation/hand-overs",
                "/isolation/hand-overs/1",
                "/shop",
                "/limits/compare?from=1&to=1",
                "/limits",
                "/keys",
                "/calls",
                "/sums",
                "/sums/assess/hazard-tier?point=INTAKE&look.visiblePillow=true",
                "/sums/calibrate/charge-time?capacityAh=x",
                "/sums/calibrate/shop-plan",
                "/sums/match/layout?series=2&parallel=2&diameterMm=18&cellLengthMm=65&chargeLimitV=4.2",
                "/sums/join/joint-heat?lengthMm=12&widthMm=6&thicknessMm=0.15&wettedMm2=12&ambientC=21&dwellS=2",
                "/sums/join/lead-finder?leads[0].id=A&leads[0].colour=white&leads[1].id=B&roles[]=PLUS&roles[]=MINUS"
                        + "&cells=1&chargeLimitV=4.2",
                refused().path("fit"),
                "/evacuate",
                "/jobs/99999999");
    }

    /** A pack that fits its bay and nothing else. */
    private Played refused() {
        Played job = Played.measured(kettle);
        PackLabel right = job.rightLabel();
        return job.write(new FitEntry.PackOffered(new PackLabel(
                new PackLabel.Printed(
                        new BigDecimal("11.1"),
                        new BigDecimal("12.6"),
                        right.printed().capacityMah(),
                        null,
                        null,
                        null),
                Calipered.of(job.file().model().pack().size()),
                null,
                null,
                null,
                true)));
    }

    /** A device nobody knew, at the page that asks for its old pack. */
    private String unknown() {
        long job = kettle.bean(JournalBook.class)
                .open(
                        new ArriveEntry.JobOpened(
                                new ArriveEntry.Device("family-soldered", null, null),
                                new ArriveEntry.Customer("Lamp room", null),
                                Set.of(),
                                null,
                                null,
                                OpenedBefore.NO,
                                null,
                                1),
                        UUID.randomUUID(),
                        "technician");
        return "/jobs/" + job + "/fit";
    }

    /** Where the line of dangers alike is cut off at its end, axe measures links that nobody sees. */
    @SuppressWarnings("unchecked")
    private static List<String> objections(Page page, String options) {
        if (!(boolean) page.evaluate("() => 'axe' in window")) {
            page.addScriptTag(new Page.AddScriptTagOptions().setPath(AXE));
        }
        return (List<String>) page.evaluate(
                "async options => (await axe.run({ exclude: ['.danger-rest'] }, JSON.parse(options)))"
                        + ".violations.map(one => one.id + ': ' + one.nodes.map(node => node.html.slice(0, 160)).join(' | '))",
                options);
    }

    /** One look at a page serves both themes and every width: a visit costs more than what is asked of it. */
    @Test
    void axeObjectsToNothingInEitherThemeAndNothingScrollsSideways() {
        List<String> objections = new ArrayList<>();
        try (Technician technician = Technician.at(kettle, "lead", 1280, 800, "light")) {
            Page page = technician.page();
            for (String path : pages()) {
                page.setViewportSize(1280, 800);
                technician.open(path);
                objections(page, EVERYTHING).forEach(found -> objections.add(path + " " + found));
                page.evaluate("() => document.querySelectorAll('main details').forEach(one => one.open = true)");
                RawWords.on(page).forEach(found -> objections.add(path + " says " + found));
                for (int width : WIDTHS) {
                    page.setViewportSize(width, TALL);
                    int over = (int) page.evaluate(
                            "() => document.documentElement.scrollWidth - document.documentElement.clientWidth");
                    if (over > 0) {
                        objections.add("%s scrolls by %s px at %s px".formatted(path, over, width));
                    }
                }
                objections(page, HANDS).forEach(found -> objections.add(path + " on a telephone: " + found));
                page.setViewportSize(1280, 800);
                page.evaluate("() => document.documentElement.dataset.theme = 'dark'");
                objections(page, CONTRAST).forEach(found -> objections.add(path + " in the dark: " + found));
            }
            technician.complaints().removeIf(complaint -> complaint.contains("404") || complaint.contains("422"));
        }
        assertThat(objections).isEmpty();
    }

    @Test
    void menusAndCardsAreSoundWhileTheyAreOpen() {
        Played job = Played.assessed(kettle);
        List<String> objections = new ArrayList<>();
        try (Technician lead = Technician.at(kettle, "lead", 820, 1180, "light")) {
            Page page = lead.open(job.path("open")).page();
            page.locator(".to-ways").click();
            objections(page, EVERYTHING).forEach(found -> objections.add("ways: " + found));
            page.keyboard().press("Escape");
            page.locator(".who summary").click();
            objections(page, EVERYTHING).forEach(found -> objections.add("who: " + found));
            page.locator(".who summary").click();
            lead.letGo().press("?");
            assertThat(page.locator("#page-keys").isVisible()).isTrue();
            objections(page, EVERYTHING).forEach(found -> objections.add("keys: " + found));
            lead.press("Escape").press("e");
            assertThat(page.locator("#evacuate-card").isVisible()).isTrue();
            objections(page, EVERYTHING).forEach(found -> objections.add("evacuate: " + found));
        }
        assertThat(objections).isEmpty();
    }

    /** Marks whatever the tabulator has to come to, one stop for a group of radios; tells how many stops there may be. */
    private static final String STOPS = """
            () => {
                const stop = one => one.type === 'radio' ? one.form.action + ' ' + one.name : one;
                const named = one => one.name || one.textContent.trim() || one.outerHTML.slice(0, 80);
                const wanted = [...document.querySelectorAll('main :is(input, select, textarea, button, a[href], summary)')]
                    .filter(one => one.tabIndex >= 0 && !one.disabled && one.checkVisibility({ visibilityProperty: true }));
                window.left = new Map(wanted.map(one => [stop(one), named(one)]));
                document.addEventListener('focusin', event => window.left.delete(stop(event.target)));
                return document.querySelectorAll(':is(input, select, textarea, button, a, summary, [tabindex])').length;
            }""";

    @Test
    void theTabulatorReachesWhateverCanBeTypedTappedOrPressed() {
        Played fitting = Played.measured(kettle);
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.page();
            for (String path : List.of("/jobs/new", Played.opened(kettle).path("assess"), fitting.path("fit"))) {
                technician.open(path);
                int most = (int) page.evaluate(STOPS);
                for (int i = 0; i < most && (int) page.evaluate("() => window.left.size") > 0; i++) {
                    technician.press("Tab");
                }
                assertThat((List<?>) page.evaluate("() => [...window.left.values()]"))
                        .as(path)
                        .isEmpty();
            }
        }
    }

    @Test
    void theTabulatorsFirstStopLeadsToTheWork() {
        try (Technician technician = Technician.at(kettle, "technician")) {
            Page page = technician.open("/library").press("Tab").press("Enter").page();
            assertThat(page.evaluate("() => document.activeElement.id")).isEqualTo("work");
        }
    }

    @Test
    void theSignInPageIsSoundToo() {
        try (var context = kettle.browser()
                .newContext(new com.microsoft.playwright.Browser.NewContextOptions().setBypassCSP(true))) {
            context.addCookies(List.of(new Cookie("theme", "dark").setUrl(kettle.address())));
            Page page = context.newPage();
            page.navigate(kettle.address() + "/signin?error");
            assertThat(objections(page, EVERYTHING)).isEmpty();
        }
    }

    @Test
    void touchTargetsAreLargeEnoughForGloves() {
        Played job = Played.assessed(kettle);
        List<String> small = new ArrayList<>();
        try (Technician technician = Technician.at(kettle, "technician")) {
            for (String path : List.of("/", "/jobs/new", job.path("assess"), job.path("open"))) {
                technician.open(path);
                Object found = technician
                        .page()
                        .evaluate("() => [...document.querySelectorAll("
                                + "'button, a.button, .tap, .job-card, .rail a, summary, .figure input, .form-control')]"
                                + ".filter(element => element.offsetParent !== null && !element.closest('.finding'))"
                                + ".filter(element => element.getBoundingClientRect().height < 43.5)"
                                + ".map(element => element.className + ' ' + element.textContent.trim().slice(0, 30))");
                ((List<?>) found).forEach(one -> small.add(path + ": " + one));
            }
        }
        assertThat(small).isEmpty();
    }
}
