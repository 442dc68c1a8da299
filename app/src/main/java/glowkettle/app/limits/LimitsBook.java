package glowkettle.app.limits;

import glowkettle.app.shop.Shop;
import glowkettle.limits.ShopLimits;
import glowkettle.limits.StoredLimits;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The versions of the shop limits. A version never changes once written, so it is read once and kept. */
@Service
public class LimitsBook {
    private final LimitsMapper rows;
    private final JsonMapper mapper = new JsonMapper();
    private final Map<Integer, ShopLimits> read = new ConcurrentHashMap<>();

    LimitsBook(LimitsMapper rows) {
        this.rows = rows;
    }

    public ShopLimits version(int version) {
        return read.computeIfAbsent(
                version,
                wanted -> limits(rows.version(Shop.ID, wanted)
                        .orElseThrow(() ->
                                new IllegalStateException("There is no version " + wanted + " of the shop limits"))));
    }

    /** The number of the version in force. */
    public int newestVersion() {
        return rows.newestVersion(Shop.ID).orElseThrow(LimitsBook::neverSeeded);
    }

    public ShopLimits inForce() {
        return version(newestVersion());
    }

    private static IllegalStateException neverSeeded() {
        return new IllegalStateException("The shop limits were never seeded");
    }

    /** The version in force, with who made it. */
    public Version newest() {
        LimitsMapper.VersionRow row = rows.newest(Shop.ID).orElseThrow(LimitsBook::neverSeeded);
        return new Version(version(row.version()), row.at(), row.by(), row.why());
    }

    /** A version and where it comes from. */
    public record Version(ShopLimits limits, Instant at, String by, String why) {}

    public List<Version> all() {
        return rows.all(Shop.ID).stream()
                .map(row -> new Version(version(row.version()), row.at(), row.by(), row.why()))
                .toList();
    }

    /**
     * Writes a new version on top of the one the writer saw; empty when somebody was faster, and nothing is written then.
     */
    @Transactional
    public Optional<Integer> save(ShopLimits limits, int seen, String by, String why, Instant at) {
        int next = seen + 1;
        int written = rows.put(Shop.ID, new LimitsMapper.VersionRow(next, at, by, why, json(limits)));
        return written == 1 ? Optional.of(next) : Optional.empty();
    }

    /** Writes the built-in defaults as the first version, once. */
    public void seed(Instant at) {
        rows.put(
                Shop.ID,
                new LimitsMapper.VersionRow(1, at, "Glow Kettle", "Built-in defaults", json(ShopLimits.defaults())));
    }

    private String json(ShopLimits limits) {
        Map<String, Object> values = new LinkedHashMap<>();
        limits.values().forEach((limit, value) -> values.put(limit.id(), value));
        limits.tables().forEach((table, figures) -> values.put(table.id(), figures.rows()));
        return mapper.writeValueAsString(values);
    }

    private ShopLimits limits(LimitsMapper.VersionRow row) {
        Map<String, BigDecimal> values = new HashMap<>();
        Map<String, List<List<BigDecimal>>> tables = new HashMap<>();
        mapper.readTree(row.values()).forEachEntry((id, stored) -> {
            if (stored.isArray()) {
                tables.put(id, rows(stored));
            } else {
                values.put(id, stored.decimalValue());
            }
        });
        return StoredLimits.read(row.version(), values, tables);
    }

    private static List<List<BigDecimal>> rows(JsonNode stored) {
        return stored.valueStream()
                .map(row -> row.valueStream().map(JsonNode::decimalValue).toList())
                .toList();
    }
}
