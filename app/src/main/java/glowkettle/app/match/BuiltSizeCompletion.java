package glowkettle.app.match;

import glowkettle.app.desk.Completion;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.match.MatchEntry;
import glowkettle.job.match.Matching;
import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** A pack that was built is held against the size it was laid out in. */
@Component
class BuiltSizeCompletion implements Completion {
    private static final String NOMINAL = "thickness.nominalThicknessMm";

    @Override
    public Class<? extends Entry> completes() {
        return MatchEntry.BuiltGroupsMetered.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        typed.remove(NOMINAL);
        Matching.of(job)
                .label()
                .flatMap(label -> Optional.ofNullable(label.size().thicknessMm()))
                .map(BigDecimal::toPlainString)
                .ifPresent(laidOut -> typed.put(NOMINAL, new String[] {laidOut}));
    }
}
