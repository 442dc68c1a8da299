package glowkettle.open;

import glowkettle.finding.AppliedLimit;
import glowkettle.finding.Figures;
import glowkettle.finding.Finding;
import glowkettle.finding.Quantity;
import glowkettle.finding.Result;
import glowkettle.finding.Says;
import glowkettle.finding.Unanswerable;
import glowkettle.finding.Weight;
import glowkettle.finding.Working;
import glowkettle.library.Fastener;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The fastener tray: what came out, what went back into which hole, what is left over, which hole is empty, and what a
 * fastener in the wrong hole does there. Captive fasteners stay in their part and are not counted. Source: handbook, Open.
 */
public final class Tray {
    private Tray() {}

    /** Fasteners of the model, the ids taken out, and what went back where. */
    public record Contents(
            List<Fastener> fasteners,
            @Says(value = "Ids taken out", longest = 20) List<String> out,
            List<Placement> back,

            @Says(value = "Ids that were not there", longest = 20)
            List<String> missing) {
        public Contents {
            fasteners = List.copyOf(fasteners);
            out = List.copyOf(out);
            back = List.copyOf(back);
            missing = List.copyOf(missing);
        }

        public Contents(List<Fastener> fasteners, List<String> out, List<Placement> back) {
            this(fasteners, out, back, List.of());
        }
    }

    /** A fastener put into the hole of another, or of its own. */
    public record Placement(
            @Says(value = "Hole, by the id of the fastener that came from it", longest = 20)
            String hole,

            @Says(value = "Fastener put in", longest = 20) String fastener) {}

    /** Fasteners that may change places. */
    public record Pile(String kind, List<String> ids) {}

    /** The count always visible, and what is not where it belongs. */
    public record State(
            int out, int back, int left, List<String> leftOver, List<String> emptyHoles, List<Pile> piles) {}

    public static Result<State> judge(Contents contents, ShopLimits limits) {
        Map<String, Fastener> known = new LinkedHashMap<>();
        for (Fastener fastener : contents.fasteners()) {
            known.put(fastener.id(), fastener);
        }
        Set<String> counted = new LinkedHashSet<>();
        Set<String> gone = new LinkedHashSet<>();
        for (String id : contents.out()) {
            Fastener fastener = named("out", id, known);
            if (!gone.add(id)) {
                throw new Unanswerable("out", "Fastener %s came out twice; count them again".formatted(id));
            }
            if (!fastener.isCaptive()) {
                counted.add(id);
            }
        }
        for (String id : contents.missing()) {
            named("missing", id, known);
            if (!gone.add(id)) {
                throw new Unanswerable(
                        "missing", "Fastener %s came out and was not there; one of both is wrong".formatted(id));
            }
        }
        Set<String> used = new LinkedHashSet<>();
        Set<String> filled = new LinkedHashSet<>();
        List<Finding> findings = new ArrayList<>();
        List<String> sums = new ArrayList<>();
        for (Placement placement : contents.back()) {
            Fastener hole = named("back", placement.hole(), known);
            Fastener fastener = named("back", placement.fastener(), known);
            // One that was missing goes back as a new one of its kind.
            if (!gone.contains(fastener.id())) {
                throw new Unanswerable(
                        "back",
                        "Fastener %s goes back and never came out; look at the tray again".formatted(fastener.id()));
            }
            if (!gone.contains(hole.id())) {
                throw new Unanswerable(
                        "back", "Hole %s still has its own fastener; look at the device again".formatted(hole.id()));
            }
            if (!filled.add(hole.id())) {
                throw new Unanswerable("back", "Hole %s is filled twice".formatted(hole.id()));
            }
            if (!used.add(fastener.id())) {
                throw new Unanswerable("back", "Fastener %s is put in twice".formatted(fastener.id()));
            }
            inHole(hole, fastener, limits, findings, sums);
        }
        List<String> leftOver =
                counted.stream().filter(id -> !used.contains(id)).toList();
        List<String> empty = Stream.concat(counted.stream(), contents.missing().stream())
                .filter(id -> !filled.contains(id))
                .toList();
        State state = new State(
                counted.size(),
                used.size(),
                leftOver.size(),
                leftOver,
                empty,
                piles(counted.stream().map(id -> named("out", id, known)).toList()));
        return new Result<>(state, findings, new Working(sums));
    }

    /** Sorted into piles of equals, in the order they came out. */
    public static List<Pile> piles(List<Fastener> fasteners) {
        List<List<Fastener>> piles = new ArrayList<>();
        for (Fastener fastener : fasteners) {
            piles.stream()
                    .filter(pile -> pile.getFirst().interchangeableWith(fastener))
                    .findFirst()
                    .ifPresentOrElse(pile -> pile.add(fastener), () -> piles.add(new ArrayList<>(List.of(fastener))));
        }
        return piles.stream()
                .map(pile -> new Pile(
                        pile.getFirst().make().words(),
                        pile.stream().map(Fastener::id).toList()))
                .toList();
    }

    private static Fastener named(String field, String id, Map<String, Fastener> known) {
        Fastener fastener = known.get(id);
        if (fastener == null) {
            throw new Unanswerable(
                    field, "'%s' is no fastener of this model; known are %s".formatted(id, known.keySet()));
        }
        return fastener;
    }

    private static void inHole(
            Fastener hole, Fastener fastener, ShopLimits limits, List<Finding> findings, List<String> sums) {
        if (fastener.interchangeableWith(hole)) {
            return;
        }
        AppliedLimit spare = limits.applied(Limit.BOSS_SPARE_MM);
        String where = "%s (%s) sits in the hole of %s (%s): "
                .formatted(
                        fastener.id(),
                        fastener.make().words(),
                        hole.id(),
                        hole.make().words());
        BigDecimal lengthMm = fastener.make().lengthMm();
        BigDecimal holeMm = hole.make().lengthMm();
        if (lengthMm == null || holeMm == null) {
            findings.add(unmeasured(hole, fastener, where));
            return;
        }
        BigDecimal overshoot = lengthMm.subtract(holeMm);
        sums.add("overshoot in hole %s = %s − %s = %s"
                .formatted(
                        hole.id(),
                        Figures.withUnit(lengthMm, "mm"),
                        Figures.withUnit(holeMm, "mm"),
                        Figures.withUnit(overshoot, "mm")));
        Quantity measured = Quantity.of(overshoot, "mm");
        if (overshoot.compareTo(spare.value()) > 0) {
            findings.add(new Finding(
                    "long-in-short",
                    Weight.STOP,
                    measured,
                    spare,
                    where + "it overshoots and can go through the panel or the board. Take it out."));
        } else if (Mixup.isOfAnotherThread(fastener, hole)) {
            findings.add(new Finding(
                    "wrong-thread", Weight.STOP, null, null, where + "another thread strips the hole. Take it out."));
        } else {
            findings.add(new Finding(
                    "wrong-hole",
                    Weight.CARE,
                    measured,
                    spare,
                    where + "not the one that came from here; it may hold by too few turns or stand proud."));
        }
    }

    private static Finding unmeasured(Fastener hole, Fastener fastener, String where) {
        return Mixup.lookAlike(fastener, hole)
                ? new Finding(
                        "wrong-hole",
                        Weight.CARE,
                        null,
                        null,
                        where + "not the one that came from here, and nobody has measured them.")
                : new Finding(
                        "long-in-short",
                        Weight.STOP,
                        null,
                        null,
                        where + "nobody has measured both, and it may reach too far. Take it out.");
    }
}
