package glowkettle.assess;

import glowkettle.finding.Weight;

/** The four hazard tiers, mildest first, so that the greater of two is the worse. */
public enum Tier {
    CLEAR("Clear", "ordinary work", Weight.NOTE),
    GUARDED("Guarded", "work with the listed conditions", Weight.CARE),
    ISOLATE("Isolate", "no power, no charge, no heat", Weight.STOP),
    EVACUATE("Evacuate", "hands off, people out, call the emergency number", Weight.DANGER);

    private final String word;
    private final String meaning;
    private final Weight weight;

    Tier(String word, String meaning, Weight weight) {
        this.word = word;
        this.meaning = meaning;
        this.weight = weight;
    }

    public String word() {
        return word;
    }

    public String meaning() {
        return meaning;
    }

    public Weight weight() {
        return weight;
    }

    public boolean atLeast(Tier other) {
        return compareTo(other) >= 0;
    }

    public static Tier worse(Tier a, Tier b) {
        return a.compareTo(b) >= 0 ? a : b;
    }
}
