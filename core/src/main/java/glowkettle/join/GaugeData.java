package glowkettle.join;

import glowkettle.finding.Figures;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * What a gauge says of the cell it stands for; what a programmer may rewrite. Source: handbook, Join.
 *
 * @param manufactured as the gauge has it, year-month-day
 * @param firstUse as the gauge has it, year-month-day
 */
public record GaugeData(
        @Says("Design capacity") @Within(min = "1", max = "1000000", unit = "mAh")
        BigDecimal designCapacityMah,

        @Says("Full charge capacity") @Within(min = "0", max = "1000000", unit = "mAh")
        BigDecimal fullChargeCapacityMah,

        @Says("Cycle count") @Within(min = "0", max = "65535", whole = true)
        BigDecimal cycleCount,

        @Says(value = "Serial", longest = 20) String serial,

        @Says(value = "Manufactured, year-month-day", longest = 10)
        String manufactured,

        @Says(value = "First used, year-month-day", longest = 10)
        String firstUse) {
    /** One field that would not stay as it is. */
    public record Change(String field, String before, String after) {}

    /** Field by field, what differs; figures are compared by value. */
    public List<Change> changesTo(GaugeData other) {
        List<Change> changes = new ArrayList<>();
        changed(changes, "design capacity", designCapacityMah, other.designCapacityMah, "mAh");
        changed(changes, "full charge capacity", fullChargeCapacityMah, other.fullChargeCapacityMah, "mAh");
        changed(changes, "cycle count", cycleCount, other.cycleCount, "");
        changed(changes, "serial", serial, other.serial);
        changed(changes, "manufacture date", manufactured, other.manufactured);
        changed(changes, "first-use date", firstUse, other.firstUse);
        return changes;
    }

    public boolean saysTheSameAs(GaugeData other) {
        return changesTo(other).isEmpty();
    }

    private static void changed(List<Change> changes, String field, BigDecimal before, BigDecimal after, String unit) {
        if (before.compareTo(after) != 0) {
            changes.add(new Change(field, said(before, unit), said(after, unit)));
        }
    }

    private static String said(BigDecimal figure, String unit) {
        return unit.isEmpty() ? Figures.of(figure) : Figures.withUnit(figure, unit);
    }

    private static void changed(List<Change> changes, String field, String before, String after) {
        if (!before.equals(after)) {
            changes.add(new Change(field, before, after));
        }
    }
}
