package glowkettle.job.prove;

import glowkettle.finding.Says;
import glowkettle.job.Entry;
import glowkettle.prove.CheckList;
import glowkettle.prove.RunAfter;
import org.jspecify.annotations.Nullable;

/** What is tried when it is closed. */
public sealed interface ProveEntry extends Entry {
    /** A function was tried. */
    record Checked(
            @Says(value = "Check", longest = 60) String check,
            @Says("How it came out") CheckList.Outcome outcome,
            @Says(value = "Remark", longest = 300) @Nullable String remark)
            implements ProveEntry {}

    /** It ran from full until it shut down, like before the work. */
    record RanAfter(RunAfter.Run run) implements ProveEntry {}
}
