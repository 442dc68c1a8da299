package glowkettle.app.library;

import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.shop.Shop;
import glowkettle.library.DeviceModel;
import glowkettle.library.ModelCheck;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Models by id: those that ship with the product, and those the shop described itself. */
@Service
public class ModelLibrary {
    private final Map<String, DeviceModel> shipped = new LinkedHashMap<>();
    private final Map<String, DeviceModel> own = new ConcurrentHashMap<>();
    private final ModelMapper rows;
    private final JsonMapper mapper = new JsonMapper();

    ModelLibrary(ModelMapper rows) throws IOException {
        this.rows = rows;
        Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:library/*.json");
        for (Resource file : files) {
            try {
                DeviceModel model = read(
                        new String(file.getInputStream().readAllBytes(), StandardCharsets.UTF_8),
                        String.valueOf(file.getFilename()));
                shipped.put(model.id(), model);
            } catch (IOException e) {
                throw new UncheckedIOException("The model " + file.getFilename() + " cannot be read", e);
            }
        }
    }

    /** A model with a fault stops the start, since nobody may work by it. */
    private DeviceModel read(String json, String name) {
        Bound<DeviceModel> bound = Binder.json(DeviceModel.class, mapper.readTree(json));
        List<?> faults = bound.isGood() ? ModelCheck.faults(bound.get()) : bound.faults();
        if (!faults.isEmpty()) {
            throw new IllegalStateException("The model %s has faults: %s".formatted(name, faults));
        }
        return bound.get();
    }

    public DeviceModel model(String id) {
        return find(id).orElseThrow(() -> new IllegalStateException("There is no model " + id));
    }

    public Optional<DeviceModel> find(String id) {
        DeviceModel known = shipped.containsKey(id) ? shipped.get(id) : own.get(id);
        if (known != null) {
            return Optional.of(known);
        }
        // Another node may have described it meanwhile.
        Optional<DeviceModel> found = rows.model(Shop.ID, id).map(json -> read(json, id));
        found.ifPresent(model -> own.put(id, model));
        return found;
    }

    public Optional<DeviceModel> findByCode(String code) {
        String wanted = code.strip().toUpperCase(Locale.ROOT);
        return all().stream()
                .filter(model -> model.codes().stream()
                        .anyMatch(known -> known.toUpperCase(Locale.ROOT).equals(wanted)))
                .findFirst();
    }

    /** Every model, the shop's own after those that ship, families last. */
    public Collection<DeviceModel> all() {
        List<DeviceModel> described =
                rows.ids(Shop.ID).stream().map(this::model).toList();
        return Stream.of(
                        shipped.values().stream().filter(model -> !model.isFamily()),
                        described.stream(),
                        shipped.values().stream().filter(DeviceModel::isFamily))
                .flatMap(models -> models)
                .toList();
    }

    /** Adds a model the shop described; false when its id is taken. */
    public boolean add(DeviceModel model, String json, String by, Instant at) {
        if (shipped.containsKey(model.id())) {
            return false;
        }
        read(json, model.id());
        return rows.put(Shop.ID, model.id(), json, at, by) == 1;
    }
}
