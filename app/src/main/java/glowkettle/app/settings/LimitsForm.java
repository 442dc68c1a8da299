package glowkettle.app.settings;

import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FormTree;
import glowkettle.app.binding.Letters;
import glowkettle.finding.Figures;
import glowkettle.finding.Says;
import glowkettle.limits.Limit;
import glowkettle.limits.LimitChange;
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
    private static final int LONGEST_REASON = 500;

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
                        Figures.withUnit(bound.get().value(), spec.range().unit()) + " is out of range"
                                + accepted(spec)));
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

    /** What speaks against keeping these limits: what was typed, that nothing changes, or that nobody says why something gets looser. */
    static List<Fault> faults(ShopLimits before, ShopLimits wanted, String why, List<Fault> typed) {
        List<Fault> faults = new ArrayList<>(typed);
        if (why.length() > LONGEST_REASON || !Letters.areKept(why)) {
            faults.add(new Fault("why", "%s characters; at most %s are taken".formatted(why.length(), LONGEST_REASON)));
        }
        List<LimitChange> changes = LimitChange.between(before, wanted);
        List<LimitTable> tables = wanted.tablesUnlike(before);
        if (faults.isEmpty() && changes.isEmpty() && tables.isEmpty()) {
            faults.add(new Fault("", "Nothing is changed by this: every limit has that value already."));
        }
        if (!why.isEmpty()) {
            return faults;
        }
        changes.stream()
                .filter(LimitChange::looser)
                .forEach(change -> faults.add(new Fault(
                        "why",
                        "“%s” gets looser, which needs a reason."
                                .formatted(change.spec().name()))));
        tables.forEach(table -> faults.add(new Fault(
                "why", "“%s” has no stricter side, so that changing it needs a reason.".formatted(table.words()))));
        return faults;
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
        return "; accepted is %s to %s"
                .formatted(
                        Figures.of(spec.range().min()),
                        Figures.withUnit(spec.range().max(), spec.range().unit()));
    }
}
