package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.Grid;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import glowkettle.shop.OpeningHours.Staffed;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** The clock of the shop on the grid: who is there in which slot, for how long, and what hands can do in it. Slot 0 is now. */
final class Shop {
    /** Nobody does more in one minute of the grid. */
    private static final int MOST_ACTIONS = 2;

    final Grid grid;
    final Instant origin;
    final int slots;
    final long slotS;
    /** The staffed stretch of each slot; −1 where the shop is shut. */
    final int[] interval;
    /** The first slot after each from which on nobody is there all the while. */
    final int[] presentUntil;
    /** Second at which the stretch of each slot ends. */
    final long[] closesS;
    /** The first slot of the stretch of each slot. */
    final int[] opensAt;

    final boolean[] far;
    final int[] tiers;
    /** What each person can do by hand in each slot. */
    final byte[][] reach;
    /** What all can. */
    final int[] reachOfAll;
    /** Second at which each person's own stretch ends; 0 where they are not there. */
    final long[][] personUntilS;

    final int[] units;

    private final long actionS;

    Shop(ShopRequest request, List<Integer> units, int days, ShopLimits limits) {
        this.grid = Grid.of(limits);
        this.slotS = grid.seconds();
        this.actionS = Math.round(limits.number(Limit.HANDS_MINUTES) * 60);
        this.origin = grid.up(request.now());
        this.slots = Math.toIntExact(Duration.ofDays(days).toSeconds() / slotS);
        this.units = units.stream().mapToInt(Integer::intValue).toArray();
        Instant end = origin.plus(Duration.ofDays(days));
        List<Staffed> staffed = request.hours().between(origin, end);
        this.interval = new int[slots + 1];
        this.closesS = new long[slots + 1];
        this.opensAt = new int[slots + 1];
        this.far = new boolean[slots + 1];
        open(staffed, Math.round(limits.number(Limit.NEAR_MINUTES) * 60));
        int people = request.people().size();
        this.tiers = new int[people];
        this.reach = new byte[people][slots + 1];
        this.reachOfAll = new int[slots + 1];
        this.personUntilS = new long[people][slots + 1];
        List<long[]> presence = new ArrayList<>();
        for (int i = 0; i < people; i++) {
            ShopRequest.Person person = request.people().get(i);
            tiers[i] = person.tier().ordinal();
            OpeningHours own = person.hours();
            for (Staffed one : own == null ? staffed : OpeningHours.both(staffed, own.between(origin, end))) {
                long[] stretch = {second(one.startInclusive()), second(one.endExclusive())};
                presence.add(stretch);
                there(i, stretch);
            }
        }
        this.presentUntil = presentUntil(presence);
    }

    Instant at(int slot) {
        return origin.plusSeconds(slot * slotS);
    }

    int ceil(long seconds) {
        return Math.toIntExact(Math.ceilDiv(seconds, slotS));
    }

    /** Actions of a step at its start and at its own end that are far from the edges, when it begins in a slot. */
    int farActions(Piece piece, int slot) {
        int end = slot + piece.length();
        return (far[slot] ? piece.startActions() : 0) + (piece.endsWithAction() && end <= slots && far[end] ? 1 : 0);
    }

    /** Whether an attended step that begins in a slot lies in one stretch, with its spare, and somebody is there for all of it. */
    boolean takes(int slot, Piece attended) {
        return interval[slot] >= 0
                && presentUntil[slot] >= slot + attended.length()
                && (slot + attended.length()) * slotS + attended.spareS() <= closesS[slot];
    }

    /** Whether a person is there from a slot on, for so many. */
    boolean isThere(int person, int slot, int length) {
        return personUntilS[person][slot] >= (slot + length) * slotS;
    }

    private void open(List<Staffed> staffed, long nearS) {
        Arrays.fill(interval, -1);
        for (int i = 0; i < staffed.size(); i++) {
            long opens = second(staffed.get(i).startInclusive());
            long closes = second(staffed.get(i).endExclusive());
            int first = Math.max(0, ceil(opens));
            for (int slot = first; slot <= slots && slot * slotS < closes; slot++) {
                interval[slot] = i;
                closesS[slot] = closes;
                opensAt[slot] = first;
                far[slot] = slot * slotS - opens > nearS && closes - slot * slotS > nearS;
            }
        }
    }

    private void there(int person, long[] stretch) {
        for (int slot = Math.max(0, ceil(stretch[0])); slot <= slots && slot * slotS < stretch[1]; slot++) {
            long left = stretch[1] - slot * slotS;
            reach[person][slot] = (byte) Math.min(MOST_ACTIONS, left / actionS);
            reachOfAll[slot] += reach[person][slot];
            personUntilS[person][slot] = stretch[1];
        }
    }

    private int[] presentUntil(List<long[]> stretches) {
        int[] until = new int[slots + 1];
        List<long[]> merged = merged(stretches);
        for (int slot = 0; slot <= slots; slot++) {
            until[slot] = slot;
        }
        for (long[] one : merged) {
            int end = Math.toIntExact(Math.min(slots, Math.floorDiv(one[1], slotS)));
            for (int slot = Math.max(0, ceil(one[0])); slot < end; slot++) {
                until[slot] = end;
            }
        }
        return until;
    }

    private static List<long[]> merged(List<long[]> stretches) {
        List<long[]> merged = new ArrayList<>();
        List<long[]> sorted = new ArrayList<>(stretches);
        sorted.sort(Comparator.comparingLong(one -> one[0]));
        for (long[] one : sorted) {
            if (!merged.isEmpty() && one[0] <= merged.getLast()[1]) {
                merged.getLast()[1] = Math.max(merged.getLast()[1], one[1]);
            } else {
                merged.add(one.clone());
            }
        }
        return merged;
    }

    private long second(Instant instant) {
        return Duration.between(origin, instant).toSeconds();
    }
}
