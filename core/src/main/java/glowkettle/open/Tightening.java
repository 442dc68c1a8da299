package glowkettle.open;

import glowkettle.library.Fastener;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The order in which a group is snugged once all are started: the model's numbers, else crosswise. Source: handbook, Open. */
public final class Tightening {
    private Tightening() {}

    public static List<Fastener> order(List<Fastener> group) {
        return group.stream().allMatch(fastener -> fastener.number() != null)
                ? group.stream()
                        .sorted(Comparator.comparing(fastener -> java.util.Objects.requireNonNull(fastener.number())))
                        .toList()
                : crosswise(group);
    }

    /** From the first one always on to whichever lies furthest from the one before. */
    private static List<Fastener> crosswise(List<Fastener> group) {
        List<Fastener> left = new ArrayList<>(group);
        List<Fastener> order = new ArrayList<>();
        while (!left.isEmpty()) {
            Fastener next = order.isEmpty()
                    ? left.getFirst()
                    : left.stream()
                            .max(Comparator.comparing(fastener -> squareMm2(fastener, order.getLast())))
                            .orElseThrow();
            left.remove(next);
            order.add(next);
        }
        return order;
    }

    private static BigDecimal squareMm2(Fastener a, Fastener b) {
        BigDecimal across = a.spot().xMm().subtract(b.spot().xMm());
        BigDecimal down = a.spot().yMm().subtract(b.spot().yMm());
        return across.multiply(across).add(down.multiply(down));
    }
}
