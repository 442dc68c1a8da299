package glowkettle.app.calibrate;

import glowkettle.calibrate.Kept;
import glowkettle.calibrate.Progress;
import glowkettle.finding.Says;
import java.util.Set;

/** A log of a soak cycle, and what went wrong. */
public record KeptQuestion(Progress log, @Says("Mishaps") Set<Kept.Mishap> mishaps) {}
