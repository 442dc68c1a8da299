package glowkettle.app.arrive;

import glowkettle.app.binding.Fault;
import glowkettle.app.form.FormPost;
import glowkettle.app.library.ModelLibrary;
import glowkettle.app.library.ModelSearch;
import glowkettle.app.shop.Shop;
import glowkettle.library.DeviceModel;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Finds the model that stands on the counter among hundreds: those that come often as taps, any other by its name or a code. */
@Component
class ModelPicker {
    private static final int MOST_OFTEN = 6;
    private static final int MOST_FOUND = 8;
    private static final int LATELY = 200;

    private final ModelLibrary library;
    private final OftenMapper rows;

    ModelPicker(ModelLibrary library, OftenMapper rows) {
        this.library = library;
        this.rows = rows;
    }

    /** What was found for what was typed. */
    public record Found(String typed, List<DeviceModel> models) {
        public boolean isNone() {
            return models.isEmpty() && !typed.isBlank();
        }
    }

    /**
     * What can be tapped.
     *
     * @param often models that came in most of late, filled up with others of the shop's own
     * @param families how devices open that nobody has described
     */
    public record Taps(List<DeviceModel> often, List<DeviceModel> families, Found found) {}

    Found find(String typed) {
        return new Found(typed.strip(), ModelSearch.find(library.all(), typed, MOST_FOUND));
    }

    /** @param chosen stands among the taps, however seldom it comes */
    Taps taps(String typed, String chosen) {
        Collection<DeviceModel> all = library.all();
        Map<String, DeviceModel> known = new LinkedHashMap<>();
        all.stream()
                .filter(model -> !model.isFamily())
                .forEach(model -> known.put(model.identity().id(), model));
        Stream<DeviceModel> lately = rows.models(Shop.ID, LATELY, MOST_OFTEN).stream()
                .flatMap(id -> Optional.ofNullable(known.get(id)).stream());
        List<DeviceModel> often = Stream.of(
                        Optional.ofNullable(known.get(chosen)).stream(),
                        lately,
                        known.values().stream().filter(model -> !library.isExample(model)))
                .flatMap(models -> models)
                .distinct()
                .limit(MOST_OFTEN)
                .toList();
        return new Taps(
                often,
                all.stream().filter(DeviceModel::isFamily).toList(),
                new Found(
                        typed.strip(),
                        ModelSearch.find(all, typed, MOST_FOUND).stream()
                                .filter(model -> !often.contains(model) && !model.isFamily())
                                .toList()));
    }

    /**
     * Settles which model a form means: the one that was tapped, else the only one that is called or coded as was typed.
     * What was typed stays as the device's code where it is one, where nobody has described the device, and where nothing is
     * called so: then it was read from the underside.
     */
    Optional<Fault> settle(FormPost post) {
        String typed = post.first("modelCode").strip();
        String tapped = post.first("modelId");
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        Collection<DeviceModel> all = library.all();
        Optional<DeviceModel> coded = library.findByCode(typed);
        if (!tapped.isBlank()) {
            boolean isCode = coded.isPresent()
                    || all.stream()
                            .anyMatch(model ->
                                    model.isFamily() && model.identity().id().equals(tapped))
                    || ModelSearch.find(all, typed, 1).isEmpty();
            post.typed().put("modelCode", new String[] {isCode ? typed : ""});
            return Optional.empty();
        }
        List<DeviceModel> meant = coded.map(List::of).orElseGet(() -> ModelSearch.find(all, typed, MOST_FOUND));
        if (meant.size() == 1) {
            post.typed()
                    .put("modelId", new String[] {meant.getFirst().identity().id()});
            post.typed().put("modelCode", new String[] {coded.isPresent() ? typed : ""});
            return Optional.empty();
        }
        // What is wrong with this is enough; that no model was tapped says nothing more.
        post.typed().put("modelId", new String[] {typed});
        return Optional.of(new Fault(
                "modelCode",
                meant.isEmpty()
                        ? "No model is called or coded '%s'. Check it on the underside, or tap how it opens."
                                .formatted(typed)
                        : "'%s' may be one of %s; tap the one it is.".formatted(typed, meant.size())));
    }
}
