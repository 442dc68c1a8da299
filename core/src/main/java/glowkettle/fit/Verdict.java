package glowkettle.fit;

import glowkettle.finding.Weight;
import glowkettle.finding.Worded;

/** What a line of the comparison says, mildest first. */
public enum Verdict implements Worded {
    FITS("fits", Weight.NOTE),
    WITH_CARE("fits with care", Weight.CARE),
    ASK("ask", Weight.CARE),
    REFUSED("refused", Weight.STOP);

    private final String words;
    private final Weight weight;

    Verdict(String words, Weight weight) {
        this.words = words;
        this.weight = weight;
    }

    @Override
    public String words() {
        return words;
    }

    public Weight weight() {
        return weight;
    }
}
