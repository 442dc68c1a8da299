package glowkettle.app.library;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.binding.Letters;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.HouseForms;
import glowkettle.app.form.Taken;
import glowkettle.app.limits.LimitsBook;
import glowkettle.app.schema.Schemas;
import glowkettle.library.DeviceModel;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.Collection;
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
    private static final int MOST_FOUND = 60;
    /** Addresses beside those of models. */
    private static final Set<String> OWN_PAGES = new java.util.TreeSet<>(Set.of("file", "schema"));

    private final ModelLibrary library;
    private final BenchNotes notes;
    private final LimitsBook limits;
    private final InstantSource clock;

    LibraryController(ModelLibrary library, BenchNotes notes, LimitsBook limits, InstantSource clock) {
        this.limits = limits;
        this.library = library;
        this.notes = notes;
        this.clock = clock;
    }

    @Override
    public Map<String, Class<? extends Record>> forms() {
        return Map.of(VERSION, VersionTyped.class);
    }

    /** Every model, what is wrong with a file that was just read, and the notes that wait, by model. */
    public record ListView(
            List<ModelFile.Mistake> faults,
            String find,
            List<Card> cards,
            List<DeviceModel> families,
            Map<String, Integer> waiting,
            boolean examplesAway) {}

    /** A model with its face; one that ships is an example. */
    public record Card(DeviceModel model, @Nullable FaceThumb face, boolean example) {}

    private Card card(DeviceModel model) {
        return new Card(model, FaceThumb.of(model).orElse(null), library.isExample(model));
    }

    /** A model with all its versions and the notes about it, and the drawing of what is being changed. */
    public record ModelView(
            DeviceModel device,
            String body,
            List<ModelLibrary.Version> versions,
            int newest,
            List<BenchNoteMapper.NoteRow> notes,
            DrawingView drawing) {}

    @GetMapping("/library")
    String list(@RequestParam(defaultValue = "") String find, Model model) {
        return listed(FilledForm.NONE, List.of(), Letters.shown(find), model);
    }

    private String listed(FilledForm filled, List<ModelFile.Mistake> faults, String find, Model model) {
        Collection<DeviceModel> all = library.all();
        Collection<DeviceModel> found = find.isBlank() ? all : ModelSearch.find(all, find, MOST_FOUND);
        model.addAttribute("filled", filled);
        model.addAttribute(
                "view",
                new ListView(
                        faults,
                        find.strip(),
                        found.stream()
                                .filter(one -> !one.isFamily())
                                .map(this::card)
                                .toList(),
                        found.stream().filter(DeviceModel::isFamily).toList(),
                        notes.waiting(),
                        library.examplesAreAway()));
        return "library/list";
    }

    @GetMapping("/library/" + ID)
    String one(@PathVariable String id, Model model) {
        DeviceModel device = found(id);
        String body = ModelFile.write(device);
        return page(device, body, ModelFile.checked(device, body), FilledForm.NONE, model);
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
            @RequestParam(defaultValue = "") String chosen,
            Model model) {
        found(id);
        model.addAttribute("drawing", DrawingView.of(ModelFile.readLoosely(body), chosen, limits.inForce()));
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
                filled -> page(newest, body, read, filled, model));
    }

    private Taken save(String id, ModelFile.Read read, VersionTyped typed, String by) {
        if (!read.faults().isEmpty()) {
            // They are shown where the model is drawn, with their lines.
            return new Taken.Refused(List.of());
        }
        DeviceModel changed = read.orElseThrow();
        if (!changed.identity().id().equals(id)) {
            return Taken.refused(
                    "body",
                    "This is the model '%s', not '%s'."
                            .formatted(changed.identity().id(), id));
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
    String readFile(@RequestParam(required = false) @Nullable MultipartFile file, FormPost post, Model model)
            throws IOException {
        if (file == null || file.getSize() > MOST_BYTES) {
            String why = file == null ? "Choose a file." : "A file has at most 1 MB.";
            return post.answer("file", Taken.refused("file", why), filled -> listed(filled, List.of(), "", model));
        }
        String body = new String(file.getBytes(), StandardCharsets.UTF_8);
        ModelFile.Read read = ModelFile.read(body);
        List<ModelFile.Mistake> mistakes =
                read.faults().isEmpty() ? unfit(read.orElseThrow().identity().id()) : read.faults();
        Taken taken = mistakes.isEmpty() ? keep(read.orElseThrow(), body, post.by()) : new Taken.Refused(List.of());
        return post.answer("file", taken, filled -> listed(filled, mistakes, "", model));
    }

    private static List<ModelFile.Mistake> unfit(String id) {
        return id.matches("[a-z0-9-]{1,60}") && !OWN_PAGES.contains(id)
                ? List.of()
                : List.of(new ModelFile.Mistake(
                        1,
                        "id",
                        "'%s' must be small letters, digits and dashes, and none of %s".formatted(id, OWN_PAGES)));
    }

    private Taken keep(DeviceModel described, String body, String by) {
        String id = described.identity().id();
        return library.save(described, body, library.newestVersion(id), by, "Read from a file", clock.instant())
                ? new Taken.On("/library/" + id)
                : new Taken.Stale(
                        List.of(new Fault("file", "Somebody kept another version at the same moment; send it again.")),
                        List.of());
    }

    @PostMapping("/library/" + ID + "/note")
    String note(
            @PathVariable String id,
            @RequestParam long job,
            @RequestParam long seq,
            @RequestParam boolean accepted,
            @RequestParam(required = false) @Nullable String text,
            FormPost post) {
        notes.decide(found(id), job, seq, accepted, text, post.by(), clock.instant());
        return "redirect:/library/" + id + "#notes";
    }

    private DeviceModel found(String id) {
        return library.find(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private String page(DeviceModel newest, String body, ModelFile.Read read, FilledForm filled, Model model) {
        String id = newest.identity().id();
        DrawingView drawing = DrawingView.of(read, "", limits.inForce());
        model.addAttribute("filled", filled);
        model.addAttribute(
                "view",
                new ModelView(newest, body, library.versions(id), library.newestVersion(id), notes.of(id), drawing));
        return "library/model";
    }
}
