package glowkettle.app.library;

import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.library.DeviceModel;
import glowkettle.library.ModelCheck;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Models by id. A file with a fault stops the start, since nobody may work by it. */
@Service
public class ModelLibrary {
    private final Map<String, DeviceModel> models = new LinkedHashMap<>();

    ModelLibrary() throws IOException {
        JsonMapper mapper = new JsonMapper();
        Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:library/*.json");
        for (Resource file : files) {
            try {
                Bound<DeviceModel> bound = Binder.json(DeviceModel.class, mapper.readTree(file.getInputStream()));
                List<?> faults = bound.isGood() ? ModelCheck.faults(bound.get()) : bound.faults();
                if (!faults.isEmpty()) {
                    throw new IllegalStateException(
                            "The model %s has faults: %s".formatted(file.getFilename(), faults));
                }
                models.put(bound.get().id(), bound.get());
            } catch (IOException e) {
                throw new UncheckedIOException("The model " + file.getFilename() + " cannot be read", e);
            }
        }
    }

    public DeviceModel model(String id) {
        return Objects.requireNonNull(models.get(id), "There is no model " + id);
    }

    public Optional<DeviceModel> find(String id) {
        return Optional.ofNullable(models.get(id));
    }

    public Optional<DeviceModel> findByCode(String code) {
        String wanted = code.strip().toUpperCase(Locale.ROOT);
        return models.values().stream()
                .filter(model -> model.codes().stream()
                        .anyMatch(known -> known.toUpperCase(Locale.ROOT).equals(wanted)))
                .findFirst();
    }

    public Collection<DeviceModel> all() {
        return models.values();
    }
}
