package glowkettle.app.limits;

import glowkettle.app.shop.Shop;
import glowkettle.limits.Limit;
import glowkettle.limits.LimitTable;
import glowkettle.limits.ShopLimits;
import glowkettle.limits.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.EnumMap;
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

    /** The version in force, with who made it. */
    public Version newest() {
        LimitsMapper.VersionRow row =
                rows.newest(Shop.ID).orElseThrow(() -> new IllegalStateException("The shop limits were never seeded"));
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

    /** A limit or table that a stored version does not know yet takes its default. */
    private ShopLimits limits(LimitsMapper.VersionRow row) {
        JsonNode stored = mapper.readTree(row.values());
        Map<Limit, BigDecimal> values = new EnumMap<>(ShopLimits.defaults().values());
        for (Limit limit : Limit.values()) {
            if (stored.has(limit.id())) {
                values.put(limit, stored.get(limit.id()).decimalValue());
            }
        }
        Map<LimitTable, Table> tables = new EnumMap<>(ShopLimits.defaults().tables());
        for (LimitTable table : LimitTable.values()) {
            if (stored.has(table.id())) {
                tables.put(table, new Table(tables.get(table).columns(), rows(stored.get(table.id()))));
            }
        }
        return new ShopLimits(row.version(), values, tables);
    }

    private static List<List<BigDecimal>> rows(JsonNode stored) {
        return stored.valueStream()
                .map(row -> row.valueStream().map(JsonNode::decimalValue).toList())
                .toList();
    }
}
