package glowkettle.limits;

import glowkettle.finding.AppliedLimit;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Weight;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * One version of the shop limits: a value for every {@link Limit}, each inside its range, and every {@link LimitTable}.
 * Version 0 is the built-in default.
 *
 * @param kept ids of limits and tables that stand outside of today's range, since they were stored under another one
 */
public record ShopLimits(int version, Map<Limit, BigDecimal> values, Map<LimitTable, Table> tables, Set<String> kept) {
    public ShopLimits {
        values = values instanceof Noting<Limit, BigDecimal> ? values : new EnumMap<>(values);
        tables = new EnumMap<>(tables);
        kept = Set.copyOf(kept);
        for (Limit limit : Limit.values()) {
            BigDecimal value = values.get(limit);
            LimitSpec spec = Defaults.spec(limit);
            if (value == null || !spec.accepts(value) && !kept.contains(limit.id())) {
                throw new IllegalArgumentException("The limit %s (%s %s) must be within %s..%s %s"
                        .formatted(
                                limit.id(),
                                value,
                                spec.range().unit(),
                                spec.range().min(),
                                spec.range().max(),
                                spec.range().unit()));
            }
        }
        for (LimitTable table : LimitTable.values()) {
            Table figures = tables.get(table);
            if (figures == null) {
                throw new IllegalArgumentException("The table %s is missing".formatted(table.id()));
            }
            Optional<String> fault = TableRule.fault(table, figures.rows());
            if (fault.isPresent() && !kept.contains(table.id())) {
                throw new IllegalArgumentException("The table %s: %s".formatted(table.id(), fault.get()));
            }
        }
    }

    public ShopLimits(int version, Map<Limit, BigDecimal> values, Map<LimitTable, Table> tables) {
        this(version, values, tables, Set.of());
    }

    /** By the version alone, since what is remembered by its limits is looked up often. */
    @Override
    public int hashCode() {
        return version;
    }

    /** It was stored when another range held, and is judged by as it was. */
    public boolean keeps(Limit limit) {
        return kept.contains(limit.id()) && !spec(limit).accepts(of(limit));
    }

    /** The same limits; each one a rule looks up is put into the set, so that it can be shown what an answer stands on. */
    public ShopLimits noting(Set<Limit> asked) {
        ShopLimits noting = new ShopLimits(version, new Noting<>(values, asked), tables, kept);
        // What was looked up to be checked decided nothing.
        asked.clear();
        return noting;
    }

    public static ShopLimits defaults() {
        return Defaults.LIMITS;
    }

    public static LimitSpec spec(Limit limit) {
        return Defaults.spec(limit);
    }

    public ShopLimits with(Limit limit, BigDecimal value) {
        Map<Limit, BigDecimal> changed = new EnumMap<>(values);
        changed.put(limit, value);
        return new ShopLimits(version, changed, tables, kept);
    }

    public ShopLimits with(LimitTable table, Table figures) {
        Map<LimitTable, Table> changed = new EnumMap<>(tables);
        changed.put(table, figures);
        return new ShopLimits(version, values, changed, kept);
    }

    /** Tables that say something else, compared as figures. */
    public List<LimitTable> tablesUnlike(ShopLimits other) {
        return Arrays.stream(LimitTable.values())
                .filter(table -> !table(table).saysTheSameAs(other.table(table)))
                .toList();
    }

    public AppliedLimit.Source sourceOf(LimitTable table) {
        return table(table).saysTheSameAs(defaults().table(table))
                ? AppliedLimit.Source.BUILT_IN
                : AppliedLimit.Source.SHOP;
    }

    public BigDecimal of(Limit limit) {
        return java.util.Objects.requireNonNull(values.get(limit));
    }

    public double number(Limit limit) {
        return of(limit).doubleValue();
    }

    public Table table(LimitTable table) {
        return java.util.Objects.requireNonNull(tables.get(table));
    }

    public AppliedLimit applied(Limit limit) {
        BigDecimal value = of(limit);
        AppliedLimit.Source source =
                value.compareTo(spec(limit).byDefault()) == 0 ? AppliedLimit.Source.BUILT_IN : AppliedLimit.Source.SHOP;
        return new AppliedLimit(limit.id(), value, spec(limit).range().unit(), source);
    }

    public Finding finding(String rule, Weight weight, BigDecimal measured, Limit limit, String sentence) {
        return new Finding(
                rule, weight, Quantity.of(measured, spec(limit).range().unit()), applied(limit), sentence);
    }
}
