package glowkettle.app.settings;

import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FormTree;
import glowkettle.finding.Figures;
import glowkettle.finding.Says;
import glowkettle.limits.Limit;
import glowkettle.limits.LimitSpec;
import glowkettle.limits.LimitTable;
import glowkettle.limits.ShopLimits;
import glowkettle.limits.Table;
import glowkettle.limits.TableRule;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Limits as they were typed, one field each under the limit's id, and tables under theirs, cell by cell. What was not sent
 * keeps its value.
 */
record LimitsForm(ShopLimits limits, List<Fault> faults) {
    /** One figure. */
    public record Typed(@Says("Value") BigDecimal value) {}

    static LimitsForm read(ShopLimits base, Map<String, String[]> typed) {
        ShopLimits limits = base;
        List<Fault> faults = new ArrayList<>();
        for (Limit limit : Limit.values()) {
            String[] values = typed.get(limit.id());
            if (values == null) {
                continue;
            }
            Bound<Typed> bound = figure(values[0]);
            LimitSpec spec = ShopLimits.spec(limit);
            if (!bound.isGood()) {
                faults.add(new Fault(limit.id(), bound.faults().getFirst().message() + accepted(spec)));
            } else if (!spec.accepts(bound.get().value())) {
                faults.add(new Fault(
                        limit.id(),
                        Figures.withUnit(bound.get().value(), spec.unit()) + " is out of range" + accepted(spec)));
            } else {
                limits = limits.with(limit, bound.get().value());
            }
        }
        for (LimitTable table : LimitTable.values()) {
            String[] cells = typed.get(table.id());
            if (cells != null) {
                limits = table(limits, table, cells, faults);
            }
        }
        return new LimitsForm(limits, faults);
    }

    /** The cells of a table row by row; a row that is left empty is no row. */
    private static ShopLimits table(ShopLimits limits, LimitTable table, String[] cells, List<Fault> faults) {
        List<String> columns = limits.table(table).columns();
        List<List<BigDecimal>> rows = new ArrayList<>();
        for (int at = 0; at + columns.size() <= cells.length; at += columns.size()) {
            List<String> row = Arrays.asList(cells).subList(at, at + columns.size());
            if (row.stream().allMatch(String::isBlank)) {
                continue;
            }
            List<BigDecimal> figures = new ArrayList<>();
            for (String cell : row) {
                Bound<Typed> bound = figure(cell);
                if (!bound.isGood()) {
                    faults.add(new Fault(table.id(), bound.faults().getFirst().message()));
                    return limits;
                }
                figures.add(bound.get().value());
            }
            rows.add(figures);
        }
        Optional<String> fault = TableRule.fault(table, rows);
        fault.ifPresent(words -> faults.add(new Fault(table.id(), words)));
        return fault.isPresent() ? limits : limits.with(table, new Table(columns, rows));
    }

    private static Bound<Typed> figure(String text) {
        return Binder.form(Typed.class, FormTree.of(Map.of("value", new String[] {text})), ZoneOffset.UTC);
    }

    private static String accepted(LimitSpec spec) {
        return "; accepted is %s to %s".formatted(Figures.of(spec.min()), Figures.withUnit(spec.max(), spec.unit()));
    }
}
