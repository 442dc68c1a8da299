package glowkettle.app.handback;

import glowkettle.finding.Finding;
import java.util.Map;
import java.util.Optional;

/**
 * What was found on the old pack, as told to its owner: what it was like where another one goes home, and what it is like
 * where it goes home itself.
 */
final class FoundWords {
    private static final Map<String, String> WAS = Map.ofEntries(
            Map.entry("flame-smoke", "The old pack smoked or hissed."),
            Map.entry("leak", "The old pack leaked."),
            Map.entry("pillow", "The old pack was swollen."),
            Map.entry("bulge", "The old pack pushed the seam open."),
            Map.entry("pushed-out", "The old pack pushed a panel, the screen or a cover out of its place."),
            Map.entry("swelling", "The old pack was swollen."),
            Map.entry("rocks", "The device rocked on a flat plate: the old pack was swollen."),
            Map.entry("pierced", "The old pack was pierced or torn."),
            Map.entry("dented", "The old pack was dented."),
            Map.entry("cell-low", "A cell of the old pack had run too low."),
            Map.entry("cell-over", "A cell of the old pack was charged over its limit."),
            Map.entry("cells-apart", "The cells of the old pack stood apart."),
            Map.entry("voltage-drop", "The old pack drained itself."),
            Map.entry("surface-at-rest", "The old pack was hot without being used."),
            Map.entry("growing-at-rest", "The old pack grew warmer without being used."),
            Map.entry("above-ambient", "The old pack was warmer than the room without being used."),
            Map.entry("hot-under-way", "The old pack got too hot in use."),
            Map.entry("excess-growing", "The old pack got warmer than it should have."),
            Map.entry("over-predicted", "The old pack got warmer than it should have."),
            Map.entry("growing-unheated", "The old pack grew warmer by itself."),
            Map.entry("surface-unexplained", "The old pack was hot without a reason."),
            Map.entry("overrun", "The old pack was heated for longer than planned while it was taken out."));

    /** Of a pack that its owner takes home again. */
    private static final Map<String, String> IS = Map.ofEntries(
            Map.entry("flame-smoke", "The pack smoked or hissed."),
            Map.entry("leak", "The pack leaks."),
            Map.entry("pillow", "The pack is swollen."),
            Map.entry("bulge", "The pack is swollen: it pushes the seam open."),
            Map.entry("pushed-out", "The pack pushes a panel, the screen or a cover out of its place."),
            Map.entry("swelling", "The pack is swollen."),
            Map.entry("rocks", "The device rocks on a flat plate: the pack is swollen."),
            Map.entry("pierced", "The pack is pierced or torn."),
            Map.entry("dented", "The pack is dented."),
            Map.entry("cell-low", "A cell of the pack is too low."),
            Map.entry("cell-over", "A cell of the pack is charged over its limit."),
            Map.entry("cells-apart", "The cells of the pack stand apart."),
            Map.entry("voltage-drop", "The pack drains itself."),
            Map.entry("surface-at-rest", "The pack is hot without being used."),
            Map.entry("growing-at-rest", "The pack grows warmer without being used."),
            Map.entry("above-ambient", "The pack is warmer than the room without being used."),
            Map.entry("hot-under-way", "The pack gets too hot in use."),
            Map.entry("excess-growing", "The pack gets warmer than it should."),
            Map.entry("over-predicted", "The pack gets warmer than it should."),
            Map.entry("growing-unheated", "The pack grows warmer by itself."),
            Map.entry("surface-unexplained", "The pack is hot without a reason."),
            Map.entry("overrun", "The pack was heated for longer than planned."));

    private FoundWords() {}

    /**
     * Empty for what says only that a reading was missing or asked for again.
     *
     * @param goesHome the pack is still in the device
     */
    static Optional<String> of(Finding finding, boolean goesHome) {
        return Optional.ofNullable((goesHome ? IS : WAS).get(finding.rule()))
                .map(words -> finding.measured() == null
                        ? words
                        : words.substring(0, words.length() - 1) + " (" + finding.measured() + ").");
    }
}
