package glowkettle.app.handback;

import glowkettle.finding.Finding;
import java.util.Map;
import java.util.Optional;

/**
 * What was found on the old pack, as told to its owner: what it was like where another one goes home, and what it is like
 * where it goes home itself.
 */
final class FoundWords {
    private static final Map<String, Told> TOLD = Map.ofEntries(
            Map.entry("flame-smoke", new Told("The old pack smoked or hissed.", "The pack smoked or hissed.")),
            Map.entry("leak", new Told("The old pack leaked.", "The pack leaks.")),
            Map.entry("pillow", new Told("The old pack was swollen.", "The pack is swollen.")),
            Map.entry(
                    "bulge",
                    new Told("The old pack pushed the seam open.", "The pack is swollen: it pushes the seam open.")),
            Map.entry(
                    "pushed-out",
                    new Told(
                            "The old pack pushed a panel, the screen or a cover out of its place.",
                            "The pack pushes a panel, the screen or a cover out of its place.")),
            Map.entry("swelling", new Told("The old pack was swollen.", "The pack is swollen.")),
            Map.entry(
                    "rocks",
                    new Told(
                            "The device rocked on a flat plate: the old pack was swollen.",
                            "The device rocks on a flat plate: the pack is swollen.")),
            Map.entry("pierced", new Told("The old pack was pierced or torn.", "The pack is pierced or torn.")),
            Map.entry("dented", new Told("The old pack was dented.", "The pack is dented.")),
            Map.entry(
                    "cell-low", new Told("A cell of the old pack had run too low.", "A cell of the pack is too low.")),
            Map.entry(
                    "cell-over",
                    new Told(
                            "A cell of the old pack was charged over its limit.",
                            "A cell of the pack is charged over its limit.")),
            Map.entry(
                    "cells-apart",
                    new Told("The cells of the old pack stood apart.", "The cells of the pack stand apart.")),
            Map.entry("voltage-drop", new Told("The old pack drained itself.", "The pack drains itself.")),
            Map.entry(
                    "surface-at-rest",
                    new Told("The old pack was hot without being used.", "The pack is hot without being used.")),
            Map.entry(
                    "growing-at-rest",
                    new Told(
                            "The old pack grew warmer without being used.",
                            "The pack grows warmer without being used.")),
            Map.entry(
                    "above-ambient",
                    new Told(
                            "The old pack was warmer than the room without being used.",
                            "The pack is warmer than the room without being used.")),
            Map.entry("hot-under-way", new Told("The old pack got too hot in use.", "The pack gets too hot in use.")),
            Map.entry(
                    "excess-growing",
                    new Told("The old pack got warmer than it should have.", "The pack gets warmer than it should.")),
            Map.entry(
                    "over-predicted",
                    new Told("The old pack got warmer than it should have.", "The pack gets warmer than it should.")),
            Map.entry(
                    "growing-unheated",
                    new Told("The old pack grew warmer by itself.", "The pack grows warmer by itself.")),
            Map.entry(
                    "surface-unexplained",
                    new Told("The old pack was hot without a reason.", "The pack is hot without a reason.")),
            Map.entry(
                    "overrun",
                    new Told(
                            "The old pack was heated for longer than planned while it was taken out.",
                            "The pack was heated for longer than planned.")));

    /**
     * @param was of a pack that stays here
     * @param is of a pack that its owner takes home again
     */
    private record Told(String was, String is) {}

    private FoundWords() {}

    /**
     * Empty for what says only that a reading was missing or asked for again.
     *
     * @param goesHome the pack is still in the device
     */
    static Optional<String> of(Finding finding, boolean goesHome) {
        return Optional.ofNullable(TOLD.get(finding.rule()))
                .map(told -> goesHome ? told.is() : told.was())
                .map(words -> finding.measured() == null
                        ? words
                        : words.substring(0, words.length() - 1) + " (" + finding.measured() + ").");
    }
}
