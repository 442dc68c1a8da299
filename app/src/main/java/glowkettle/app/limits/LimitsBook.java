package glowkettle.app.limits;

import glowkettle.app.shop.Shop;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
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

    /** Writes the built-in defaults as the first version, once. */
    public void seed(Instant at) {
        rows.put(
                Shop.ID,
                new LimitsMapper.VersionRow(1, at, "Glow Kettle", "Built-in defaults", json(ShopLimits.defaults())));
    }

    private String json(ShopLimits limits) {
        Map<String, BigDecimal> values = new java.util.LinkedHashMap<>();
        limits.values().forEach((limit, value) -> values.put(limit.id(), value));
        return mapper.writeValueAsString(values);
    }

    /** A limit that a stored version does not know yet takes its default. */
    private ShopLimits limits(LimitsMapper.VersionRow row) {
        JsonNode stored = mapper.readTree(row.values());
        Map<Limit, BigDecimal> values = new EnumMap<>(ShopLimits.defaults().values());
        for (Limit limit : Limit.values()) {
            if (stored.has(limit.id())) {
                values.put(limit, stored.get(limit.id()).decimalValue());
            }
        }
        return new ShopLimits(row.version(), values, ShopLimits.defaults().tables());
    }
}
