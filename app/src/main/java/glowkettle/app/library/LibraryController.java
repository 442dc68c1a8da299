package glowkettle.app.library;

import glowkettle.app.binding.Attempt;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.Forms;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.HouseForms;
import glowkettle.app.form.Taken;
import glowkettle.app.schema.Schemas;
import glowkettle.library.DeviceModel;
import glowkettle.library.Fastener;
import glowkettle.library.OperationKind;
import glowkettle.library.Side;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;

/** The device library: read by everybody, changed by a lead, a file in and a file out. */
@Controller
class LibraryController implements HouseForms {
    private static final String VERSION = "model-version";
    private static final String ID = "{id:[a-z0-9-]{1,60}}";
    private static final int MOST_BYTES = 1 << 20;
    /** Addresses beside those of models. */
    private static final Set<String> OWN_PAGES = new java.util.TreeSet<>(Set.of("file", "schema"));

    private final ModelLibrary library;
    private final BenchNotes notes;
    private final InstantSource clock;

    LibraryController(ModelLibrary library, BenchNotes notes, InstantSource clock) {
        this.library = library;
        this.notes = notes;
        this.clock = clock;
    }

    @Override
    public Map<String, Class<? extends Record>> forms() {
        return Map.of(VERSION, VersionTyped.class);
    }

    @GetMapping("/library")
    String list(Model model) {
        return listed(Attempt.NONE, List.of(), model);
    }

    private String listed(Attempt attempt, List<ModelFile.Mistake> faults, Model model) {
        model.addAttribute("attempt", attempt);
        model.addAttribute("faults", faults);
        model.addAttribute("models", library.all());
        model.addAttribute("waiting", notes.waiting());
        return "library/list";
    }

    @GetMapping("/library/" + ID)
    String one(@PathVariable String id, Model model) {
        DeviceModel device = found(id);
        String body = ModelFile.write(device);
        return page(device, body, ModelFile.checked(device, body), Attempt.NONE, model);
    }

    @GetMapping("/library/" + ID + "/file")
    ResponseEntity<String> file(@PathVariable String id) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header("Content-Disposition", "attachment; filename=\"" + id + ".json\"")
                .body(ModelFile.write(found(id)));
    }

    @GetMapping(value = "/library/schema", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> schema() {
        return ResponseEntity.ok(Schemas.of(DeviceModel.class, "A device model of Glow Kettle"));
    }

    /** The drawing of a model that is being changed and not kept yet; whatever is wrong is told at once. */
    @PostMapping("/library/" + ID + "/drawing")
    String drawing(
            @PathVariable String id,
            @RequestParam String body,
            @RequestParam(required = false) @Nullable String chosen,
            Model model) {
        found(id);
        draw(ModelFile.readLoosely(body), chosen, model);
        return "library/drawing :: drawing";
    }

    @PostMapping("/library/" + ID)
    String save(@PathVariable String id, @RequestParam String body, FormPost post, Model model) {
        DeviceModel newest = found(id);
        ModelFile.Read read = ModelFile.readLoosely(body);
        return post.answer(
                VERSION,
                VersionTyped.class,
                typed -> save(id, read, typed, post.by()),
                attempt -> page(newest, body, read, attempt, model));
    }

    private Taken save(String id, ModelFile.Read read, VersionTyped typed, String by) {
        if (!read.faults().isEmpty()) {
            // They are shown where the model is drawn, with their lines.
            return new Taken.Refused(List.of());
        }
        DeviceModel changed = read.orElseThrow();
        if (!changed.id().equals(id)) {
            return Taken.refused("body", "This is the model '%s', not '%s'.".formatted(changed.id(), id));
        }
        return library.save(changed, typed.body(), typed.seen(), by, typed.why(), clock.instant())
                ? new Taken.On("/library/" + id)
                : new Taken.Stale(
                        List.of(new Fault(
                                "", "Somebody kept another version meanwhile; look at it, then change yours.")),
                        List.of());
    }

    /** A file of a model the shop has becomes its next version; any other becomes a model of its own. */
    @PostMapping("/library/file")
    String readFile(
            @RequestParam(required = false) @Nullable MultipartFile file,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model)
            throws IOException {
        if (file == null || file.getSize() > MOST_BYTES) {
            response.setStatus(422);
            String why = file == null ? "Choose a file." : "A file has at most 1 MB.";
            return listed(new Attempt("file", Map.of(), List.of(new Fault("file", why)), List.of()), List.of(), model);
        }
        String body = new String(file.getBytes(), StandardCharsets.UTF_8);
        ModelFile.Read read = ModelFile.read(body);
        if (!read.faults().isEmpty()) {
            response.setStatus(422);
            return listed(Attempt.NONE, read.faults(), model);
        }
        DeviceModel described = read.orElseThrow();
        String id = described.id();
        if (!id.matches("[a-z0-9-]{1,60}") || OWN_PAGES.contains(id)) {
            response.setStatus(422);
            return listed(
                    Attempt.NONE,
                    List.of(new ModelFile.Mistake(
                            1,
                            "id",
                            "'%s' must be small letters, digits and dashes, and none of %s".formatted(id, OWN_PAGES))),
                    model);
        }
        boolean saved = library.save(
                described, body, library.newestVersion(id), Forms.by(request), "Read from a file", clock.instant());
        if (!saved) {
            throw new ResponseStatusException(HttpStatus.CONFLICT);
        }
        return "redirect:/library/" + id;
    }

    @PostMapping("/library/" + ID + "/note")
    String note(
            @PathVariable String id,
            @RequestParam long job,
            @RequestParam long seq,
            @RequestParam boolean accepted,
            @RequestParam(required = false) @Nullable String text,
            HttpServletRequest request) {
        notes.decide(found(id), job, seq, accepted, text, Forms.by(request), clock.instant());
        return "redirect:/library/" + id + "#notes";
    }

    private DeviceModel found(String id) {
        return library.find(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private String page(DeviceModel newest, String body, ModelFile.Read read, Attempt attempt, Model model) {
        String id = newest.id();
        model.addAttribute("attempt", attempt);
        model.addAttribute("device", newest);
        model.addAttribute("body", body);
        model.addAttribute("versions", library.versions(id));
        model.addAttribute("newest", library.newestVersion(id));
        model.addAttribute("notes", notes.of(id));
        draw(read, null, model);
        return "library/model";
    }

    private static void draw(ModelFile.Read read, @Nullable String chosen, Model model) {
        DeviceModel drawn = read.model();
        model.addAttribute("faults", read.faults());
        model.addAttribute("drawn", drawn);
        model.addAttribute("graph", drawn == null ? null : TeardownGraph.of(drawn.operations()));
        model.addAttribute(
                "chosen",
                drawn == null || chosen == null ? null : drawn.operation(chosen).orElse(null));
        model.addAttribute("kinds", OperationKind.values());
        model.addAttribute("sides", Side.values());
        model.addAttribute("seats", Fastener.Seat.values());
    }
}
