package glowkettle.calibrate.shopplan;

import glowkettle.assess.Tier;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** What is wrong with starts, the earliest first; and who works at what where nothing is. */
final class Clashes {
    private final Work work;
    private final boolean onlyLater;
    private final Shop shop;
    private final int[] actions;
    private boolean gaveUp;
    /** Who works at each step of the last starts that were asked about without a clash. */
    private int[] persons = new int[0];

    /** @param onlyLater no start of those that are asked about will ever be earlier than it is now */
    Clashes(Work work, boolean onlyLater) {
        this.onlyLater = onlyLater;
        this.work = work;
        this.shop = work.shop;
        this.actions = new int[shop.slots + 1];
    }

    int[] persons() {
        return persons.clone();
    }

    Optional<Clash> of(int[] starts) {
        Optional<Clash> found = places(starts);
        if (found.isPresent()) {
            return found;
        }
        List<Taken> hands = hands(starts);
        found = people(hands);
        if (found.isPresent()) {
            return found;
        }
        count(starts, 1);
        found = actions(starts, hands).or(() -> assigned(starts, hands));
        count(starts, -1);
        return found;
    }

    private Optional<Clash> places(int[] starts) {
        Clash best = null;
        int earliest = Piece.UNBOUND;
        for (int kind = 0; kind < shop.units.length; kind++) {
            List<Taken> crowd = crowd(work.taken(kind, starts), shop.units[kind]);
            if (!crowd.isEmpty() && crowd.getLast().from() < earliest) {
                earliest = crowd.getLast().from();
                best = oneAfterTheOther(crowd, Piece.UNBOUND);
            }
        }
        return Optional.ofNullable(best);
    }

    private Clash oneAfterTheOther(List<Taken> crowd, int roomFrom) {
        Map<Integer, Integer> together = new TreeMap<>();
        for (Taken one : roomFrom == Piece.UNBOUND ? List.<Taken>of() : crowd) {
            if (one.at() >= 0) {
                together.put(one.at(), roomFrom - work.pieceOf[one.at()].length() + 1);
            } else if (one.until() <= roomFrom) {
                return oneAfterTheOther(crowd, Piece.UNBOUND);
            }
        }
        return new Clash.OneAfterTheOther(
                crowd.stream()
                        .filter(one -> one.at() < 0)
                        .map(one -> -1 - one.at())
                        .toList(),
                crowd.stream().filter(one -> one.at() >= 0).map(Taken::at).toList(),
                together);
    }

    /** Of those, by their start, the first that are more than there is room for; empty where there is room for all. */
    private static List<Taken> crowd(List<Taken> taken, int room) {
        List<Taken> now = new ArrayList<>();
        for (Taken one : taken) {
            now.removeIf(other -> other.until() <= one.from());
            if (one.until() > one.from()) {
                now.add(one);
            }
            if (now.size() > room) {
                return new ArrayList<>(now.subList(now.size() - room - 1, now.size()));
            }
        }
        return List.of();
    }

    private List<Taken> hands(int[] starts) {
        List<Taken> hands = new ArrayList<>();
        for (int at = 0; at < starts.length; at++) {
            if (work.pieceOf[at].hands()) {
                hands.add(new Taken(at, starts[at], starts[at] + work.pieceOf[at].length()));
            }
        }
        for (int task = 0; task < work.tasks.size(); task++) {
            Task one = work.tasks.get(task);
            if (one.running().person() >= 0 && one.running().end() > 0) {
                hands.add(new Taken(-1 - task, 0, one.running().end()));
            }
        }
        hands.sort(Taken.BY_START);
        return hands;
    }

    /** More hands asked for by those of a tier than there are people of that tier, in all the shop or there at that time. */
    private Optional<Clash> people(List<Taken> hands) {
        for (Tier of : Tier.values()) {
            int tier = of.ordinal();
            List<Taken> those =
                    hands.stream().filter(one -> one.tier(work) >= tier).toList();
            List<Taken> crowd = crowd(those, there(tier, -1));
            if (!crowd.isEmpty()) {
                return Optional.of(oneAfterTheOther(crowd, Piece.UNBOUND));
            }
            for (int i = 0; onlyLater && i < those.size(); i++) {
                int slot = those.get(i).from();
                List<Taken> now = those.stream()
                        .filter(one -> one.from() <= slot && slot < one.until())
                        .toList();
                int people = there(tier, slot);
                if (now.size() > people && now.size() > 1) {
                    List<Taken> fewest = now.subList(0, Math.max(2, people + 1));
                    return Optional.of(oneAfterTheOther(fewest, moreThere(tier, slot, fewest.size())));
                }
            }
        }
        return Optional.empty();
    }

    /** People of a tier, or above, there in a slot; all that there are at slot −1. */
    private int there(int tier, int slot) {
        int there = 0;
        for (int person = 0; person < shop.tiers.length; person++) {
            there += shop.tiers[person] >= tier && (slot < 0 || shop.personUntilS[person][slot] > 0) ? 1 : 0;
        }
        return there;
    }

    private int moreThere(int tier, int slot, int wanted) {
        for (int later = slot + 1; later <= shop.slots; later++) {
            if (there(tier, later) >= wanted) {
                return later;
            }
        }
        return Piece.UNBOUND;
    }

    private void count(int[] starts, int sign) {
        for (int at = 0; at < starts.length; at++) {
            Piece piece = work.pieceOf[at];
            actions[starts[at]] += sign * piece.startActions();
            if (piece.endsWithAction()) {
                actions[starts[at] + piece.length()] += sign;
            }
        }
        for (Task task : work.tasks) {
            if (task.running().runs() && task.before().endsWithAction()) {
                actions[task.running().end()] += sign;
            }
        }
    }

    private Optional<Clash> actions(int[] starts, List<Taken> hands) {
        for (int slot : slotsOfActions(starts)) {
            long working = hands.stream()
                    .filter(one -> one.from() <= slot && slot < one.until())
                    .count();
            int room = room(slot, (int) working);
            if (actions[slot] > room) {
                return Optional.of(apart(starts, hands, slot)
                        .<Clash>map(one -> one)
                        .orElseGet(() -> elsewhere(starts, hands, slot, slot + 1)));
            }
        }
        return Optional.empty();
    }

    /** The fewest of those who meet in a slot that are too many for the people; empty where only these very minutes are wrong. */
    private Optional<Clash.Apart> apart(int[] starts, List<Taken> hands, int slot) {
        int room = roomAt(slot, 0);
        List<Integer> working = new ArrayList<>();
        for (Taken one : hands) {
            if (one.from() <= slot && slot < one.until() && one.at() >= 0) {
                working.add(one.at());
            }
        }
        List<Clash.Apart.Meeting> meeting = new ArrayList<>();
        int asked = 0;
        for (int at = 0; at < starts.length && asked <= room; at++) {
            Piece piece = work.pieceOf[at];
            if (piece.startActions() > 0 && starts[at] == slot) {
                meeting.add(new Clash.Apart.Meeting(at, 0));
                asked += piece.startActions();
            } else if (piece.endsWithAction() && starts[at] + piece.length() == slot) {
                meeting.add(new Clash.Apart.Meeting(at, piece.length()));
                asked++;
            }
        }
        int needed = 0;
        while (needed < working.size() && asked <= roomAt(slot, needed)) {
            needed++;
        }
        if (asked <= roomAt(slot, needed) || meeting.size() + needed < 2) {
            return Optional.empty();
        }
        List<Integer> fewest = List.copyOf(working.subList(0, needed));
        return Optional.of(new Clash.Apart(fewest, meeting, meet(fewest, meeting, slot, asked)));
    }

    /** What hands can do in a slot beside so many who work, at best. */
    private int room(int slot, int working) {
        // Whoever works is there: only of those who are, the least helpful ones are taken to be the ones who work.
        return IntStream.range(0, shop.tiers.length)
                .filter(person -> shop.personUntilS[person][slot] > 0)
                .map(person -> shop.reach[person][slot])
                .sorted()
                .skip(working)
                .sum();
    }

    /** The same; where starts may become earlier, too, in the best slot that there could be. */
    private int roomAt(int slot, int working) {
        return onlyLater ? room(slot, working) : 2 * Math.max(0, shop.tiers.length - working);
    }

    /** Where so many hands are there at once, later than a slot: the earliest start of each for that. */
    private Map<Integer, Integer> meet(List<Integer> working, List<Clash.Apart.Meeting> meeting, int slot, int wanted) {
        Map<Integer, Integer> together = new TreeMap<>();
        if (!onlyLater) {
            return together;
        }
        for (int later = slot + 1; later <= shop.slots; later++) {
            if (room(later, working.size()) >= wanted) {
                for (Clash.Apart.Meeting one : meeting) {
                    together.put(one.step(), later - one.after());
                }
                for (int work : working) {
                    together.put(work, later - this.work.pieceOf[work].length() + 1);
                }
                return together;
            }
        }
        return together;
    }

    private int[] slotsOfActions(int[] starts) {
        return IntStream.range(0, starts.length)
                .flatMap(at -> IntStream.of(
                        work.pieceOf[at].startActions() > 0 ? starts[at] : -1,
                        work.pieceOf[at].endsWithAction() ? starts[at] + work.pieceOf[at].length() : -1))
                .filter(slot -> slot >= 0)
                .distinct()
                .sorted()
                .toArray();
    }

    /** All that act or work in these slots. */
    private Clash elsewhere(int[] starts, List<Taken> hands, int from, int until) {
        List<Integer> steps = new ArrayList<>();
        List<Integer> later = new ArrayList<>();
        for (int at = 0; at < starts.length; at++) {
            Piece piece = work.pieceOf[at];
            int end = starts[at] + piece.length();
            if (piece.startActions() > 0 && from <= starts[at] && starts[at] < until) {
                steps.add(at);
                later.add(until - from == 1 ? until : starts[at] + 1);
            } else if (piece.endsWithAction() && from <= end && end < until) {
                steps.add(at);
                later.add(starts[at] + 1);
            } else if (piece.hands() && starts[at] < until && from < end) {
                steps.add(at);
                later.add(until - from == 1 ? until : starts[at] + 1);
            }
        }
        return new Clash.Elsewhere(steps, later);
    }

    /** Somebody for each work, with hands left for what is done beside it. */
    private Optional<Clash> assigned(int[] starts, List<Taken> hands) {
        persons = new int[starts.length];
        Arrays.fill(persons, -1);
        Assignment assignment = new Assignment(work, actions, hands);
        if (assignment.isPossible()) {
            for (int i = 0; i < hands.size(); i++) {
                if (hands.get(i).at() >= 0) {
                    persons[hands.get(i).at()] = assignment.who(i);
                }
            }
            return Optional.empty();
        }
        gaveUp |= assignment.gaveUp();
        return Optional.of(elsewhere(starts, hands, assignment.wrongFrom(), assignment.wrongUntil()));
    }

    /** Whether a clash was ever named only because looking on took too long. */
    boolean gaveUp() {
        return gaveUp;
    }
}
