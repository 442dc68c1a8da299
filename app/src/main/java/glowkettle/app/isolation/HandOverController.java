package glowkettle.app.isolation;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.HouseForms;
import glowkettle.app.form.Taken;
import glowkettle.app.format.Csv;
import glowkettle.app.format.Papers;
import glowkettle.app.format.Words;
import glowkettle.app.journal.EntryJson;
import glowkettle.app.shop.ShopBook;
import glowkettle.isolation.HandOver;
import glowkettle.job.Role;
import java.math.BigDecimal;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.server.ResponseStatusException;

/** Hand-overs for disposal: made by a lead, shown to everybody, written as CSV, JSON and PDF. */
@Controller
class HandOverController implements HouseForms {
    private static final String HAND_OVER = "hand-over";

    private final HandOvers handOvers;
    private final ShopBook shop;
    private final EntryJson json;
    private final Papers papers;
    private final InstantSource clock;

    HandOverController(HandOvers handOvers, ShopBook shop, EntryJson json, Papers papers, InstantSource clock) {
        this.handOvers = handOvers;
        this.shop = shop;
        this.json = json;
        this.papers = papers;
        this.clock = clock;
    }

    @Override
    public Map<String, Class<? extends Record>> forms() {
        return Map.of(HAND_OVER, HandOverTyped.class);
    }

    @GetMapping("/isolation/hand-overs")
    String all(Model model) {
        return form(FilledForm.NONE, model);
    }

    @PostMapping("/isolation/hand-overs")
    String release(FormPost post, Model model) {
        List<Fault> notALead = post.role() == Role.LEAD
                ? List.of()
                : List.of(new Fault("", "Only a lead releases packs for disposal."));
        return post.answer(
                HAND_OVER, HandOverTyped.class, notALead, typed -> release(typed, post), filled -> form(filled, model));
    }

    private Taken release(HandOverTyped typed, FormPost post) {
        List<Long> jobs =
                typed.jobs().stream().map(BigDecimal::longValue).distinct().toList();
        if (jobs.isEmpty()) {
            return Taken.refused("jobs", "Tap the packs that leave.");
        }
        try {
            int number = handOvers.release(jobs, typed.collector(), post.id(), post.by(), post.role());
            return new Taken.On("/isolation/hand-overs/" + number);
        } catch (HandOvers.Refused refused) {
            return Taken.refused("jobs", String.valueOf(refused.getMessage()));
        }
    }

    /** Packs that may leave, and the hand-overs there were. */
    public record HandOversView(List<StoredPackMapper.PackRow> packs, List<HandOverMapper.HandOverRow> made) {}

    private String form(FilledForm filled, Model model) {
        model.addAttribute("filled", filled);
        model.addAttribute("view", new HandOversView(handOvers.releasable(), handOvers.all()));
        return "isolation/hand-overs";
    }

    @GetMapping("/isolation/hand-overs/{number:[0-9]{1,9}}")
    String one(@PathVariable int number, Model model) {
        model.addAttribute("view", made(number));
        return "isolation/hand-over";
    }

    @GetMapping("/isolation/hand-overs/{number:[0-9]{1,9}}.csv")
    ResponseEntity<String> csv(@PathVariable int number) {
        HandOvers.Made made = made(number);
        List<List<Object>> lines = made.list().result().lines().stream()
                .map(line -> Arrays.<Object>asList(
                        line.pack().id(),
                        line.pack().chemistry(),
                        line.pack().energyWh(),
                        line.pack().massG() == null ? "" : line.pack().massG(),
                        line.pack().damaged() ? "damaged or defective" : "ordinary",
                        line.small() ? "small" : "",
                        line.pack().container(),
                        line.guidance()))
                .toList();
        List<String> header =
                List.of("id", "chemistry", "energy_wh", "mass_g", "state", "size", "container", "guidance");
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"hand-over-" + number + ".csv\"")
                .contentType(new MediaType("text", "csv", java.nio.charset.StandardCharsets.UTF_8))
                .body(Csv.of(header, lines));
    }

    /** The hand-over as JSON; its schema stands in the description of the calculators, under HandOver. */
    record Document(
            int number, String at, String by, String collector, int limitsVersion, HandOver list, List<Way> chains) {}

    /** A pack's chain. */
    record Way(long job, List<String> links) {}

    @GetMapping("/isolation/hand-overs/{number:[0-9]{1,9}}.json")
    ResponseEntity<String> json(@PathVariable int number) {
        HandOvers.Made made = made(number);
        Document document = new Document(
                number,
                made.head().at().toString(),
                made.head().by(),
                made.head().collector(),
                made.limitsVersion(),
                made.list().result(),
                made.chains().values().stream()
                        .map(chain -> new Way(
                                chain.job(),
                                chain.links().stream()
                                        .map(PackChain.Link::words)
                                        .toList()))
                        .toList());
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .body(json.mapper().writeValueAsString(document));
    }

    @GetMapping("/isolation/hand-overs/{number:[0-9]{1,9}}.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable int number) {
        return papers.pdf(
                "isolation/hand-over-pdf",
                Map.of("view", made(number), "shop", shop.shop(), "words", new Words(shop.zone(), clock.instant())),
                "hand-over-" + number);
    }

    private HandOvers.Made made(int number) {
        return handOvers.made(number).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
