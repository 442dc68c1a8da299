package glowkettle.app.library;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import glowkettle.app.shop.FirstDay;
import glowkettle.app.shop.Shop;
import glowkettle.library.DeviceModel;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Service;

/**
 * Models by id: those that ship with the product, and what the shop described or changed itself, by version. A version
 * never changes once written, so that a job can be worked by the one that was newest when it was opened.
 */
@Service
public class ModelLibrary {
    /** Within this time a version that was made is written, at every node. */
    private static final Duration WRITTEN_BY = Duration.ofMinutes(1);

    private static final int MOST_SETTLED = 10_000;

    private final Map<String, DeviceModel> shipped = new LinkedHashMap<>();
    private final ModelMapper rows;
    private final FirstDay day;
    private final InstantSource clock;
    private final Map<Written, DeviceModel> read = new ConcurrentHashMap<>();
    private final Cache<Since, Integer> settled =
            Caffeine.newBuilder().maximumSize(MOST_SETTLED).build();

    private record Written(String id, int version) {}

    /** By the model itself, so that a job goes on by what it was reckoned with. */
    private final Cache<DeviceModel, Map<String, DeviceModel>> coded =
            Caffeine.newBuilder().weakKeys().build();

    private record Since(String id, Instant at) {}

    ModelLibrary(ModelMapper rows, FirstDay day, InstantSource clock) throws IOException {
        this.day = day;
        this.rows = rows;
        this.clock = clock;
        Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:library/*.json");
        for (Resource file : files) {
            try {
                String name = String.valueOf(file.getFilename());
                DeviceModel model =
                        sound(new String(file.getInputStream().readAllBytes(), StandardCharsets.UTF_8), name);
                shipped.put(model.identity().id(), model);
            } catch (IOException e) {
                throw new UncheckedIOException("The model " + file.getFilename() + " cannot be read", e);
            }
        }
    }

    /** A model with a fault stops the start, since nobody may work by it. */
    private static DeviceModel sound(String json, String name) {
        ModelFile.Read file = ModelFile.read(json);
        if (!file.faults().isEmpty()) {
            throw new IllegalStateException("The model %s has faults: %s".formatted(name, file.faults()));
        }
        return file.orElseThrow();
    }

    public DeviceModel model(String id) {
        return find(id).orElseThrow(() -> missing(id));
    }

    /** The newest version. */
    public Optional<DeviceModel> find(String id) {
        return numbered(id, rows.newest(Shop.ID, id));
    }

    /** The version that was newest at a moment; the first one there is when none was yet. */
    public DeviceModel model(String id, Instant at) {
        Since since = new Since(id, at);
        // Nobody writes a version for a moment that has passed, so what was in force then is asked for once.
        boolean passed = at.isBefore(clock.instant().minus(WRITTEN_BY));
        return numbered(id, passed ? settled.get(since, this::inForce) : inForce(since))
                .orElseThrow(() -> missing(id));
    }

    /** The same with the pack of the variant that its code says. */
    public DeviceModel model(String id, Instant at, @Nullable String code) {
        DeviceModel model = model(id, at);
        return code == null || model.variants().isEmpty()
                ? model
                : coded.get(model, none -> new ConcurrentHashMap<>()).computeIfAbsent(code, model::coded);
    }

    private static IllegalStateException missing(String id) {
        return new IllegalStateException("There is no model " + id);
    }

    /** The number of the version; 0 ships with the product. */
    private int inForce(Since since) {
        ModelMapper.Standing standing = rows.standing(Shop.ID, since.id(), since.at());
        if (standing.newest() > 0 || shipped.containsKey(since.id())) {
            return standing.newest();
        }
        if (standing.first() == 0) {
            throw missing(since.id());
        }
        return standing.first();
    }

    private Optional<DeviceModel> numbered(String id, int version) {
        return version == 0
                ? Optional.ofNullable(shipped.get(id))
                : Optional.of(read.computeIfAbsent(
                        new Written(id, version),
                        written -> sound(rows.version(Shop.ID, id, version).body(), id)));
    }

    /** It ships with the product, and nobody in this shop has changed it: a device of the ferry line, as an example. */
    public boolean isExample(DeviceModel model) {
        return shipped.get(model.identity().id()) == model && !model.isFamily();
    }

    public boolean examplesAreAway() {
        return day.examplesAreAway();
    }

    public Optional<DeviceModel> findByCode(String code) {
        return all().stream().filter(model -> model.isFoundBy(code)).findFirst();
    }

    /** Every model in its newest version, the shop's own after those that ship, families last; without examples that are put away. */
    public Collection<DeviceModel> all() {
        Map<String, DeviceModel> described = new LinkedHashMap<>();
        rows.newestOfAll(Shop.ID)
                .forEach(newest -> described.put(
                        newest.id(), numbered(newest.id(), newest.version()).orElseThrow()));
        boolean away = day.examplesAreAway();
        List<DeviceModel> known = shipped.values().stream()
                .map(model -> described.getOrDefault(model.identity().id(), model))
                .toList();
        return Stream.of(
                        known.stream().filter(model -> !model.isFamily() && !(away && isExample(model))),
                        described.values().stream()
                                .filter(model ->
                                        !shipped.containsKey(model.identity().id())),
                        known.stream().filter(DeviceModel::isFamily))
                .flatMap(models -> models)
                .toList();
    }

    /** A version as it is listed; version 0 ships with the product. */
    public record Version(int version, Instant at, String by, String why) {}

    public List<Version> versions(String id) {
        List<Version> versions = new ArrayList<>();
        if (shipped.containsKey(id)) {
            versions.add(new Version(0, Instant.EPOCH, "Glow Kettle", "As it ships"));
        }
        rows.versions(Shop.ID, id)
                .forEach(row -> versions.add(new Version(row.version(), row.at(), row.by(), row.why())));
        return versions.reversed();
    }

    public int newestVersion(String id) {
        return rows.newest(Shop.ID, id);
    }

    /** Adds a model the shop described; false when its id is taken. */
    public boolean add(DeviceModel model, String json, String by, Instant at) {
        return !shipped.containsKey(model.identity().id()) && save(model, json, 0, by, "Described at the bench", at);
    }

    /** Writes a new version on top of the one the writer saw; false when somebody was faster, and nothing is written then. */
    public boolean save(DeviceModel model, String json, int seen, String by, String why, Instant at) {
        sound(json, model.identity().id());
        return rows.put(Shop.ID, new ModelMapper.VersionRow(model.identity().id(), seen + 1, at, by, why, json)) == 1;
    }
}
