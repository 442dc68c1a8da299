package glowkettle.job.match;

import glowkettle.finding.Figures;
import glowkettle.job.JobFile;
import glowkettle.match.BuildStep;
import glowkettle.match.GroupVoltages;
import glowkettle.match.Screening;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a journal says of the entries of Match. */
final class MatchWords {
    private MatchWords() {}

    static String voltages(GroupVoltages.Request read) {
        return read.groupV().stream().map(Figures::of).collect(Collectors.joining(", "))
                + " V; pack "
                + Figures.withUnit(read.packV(), "V");
    }

    static String cell(Screening.Cell cell) {
        return Stream.of(
                        cell.id(),
                        cell.capacityMah() == null ? null : Figures.withUnit(cell.capacityMah(), "mAh"),
                        cell.resistanceMohm() == null ? null : Figures.withUnit(cell.resistanceMohm(), "mΩ"))
                .filter(Objects::nonNull)
                .collect(Collectors.joining(", "));
    }

    static String set(Screening.Made made) {
        return Stream.of(made.maker(), made.chemistry())
                .filter(Objects::nonNull)
                .collect(Collectors.joining(", "));
    }

    static String step(MatchEntry.BuildStepDone done, JobFile job) {
        List<BuildStep> steps = Building.of(job).steps();
        String words = steps.stream()
                .filter(step -> step.id().equals(done.step()))
                .findFirst()
                .map(BuildStep::words)
                .orElse(done.step());
        return done.joinedBy() == null
                ? words
                : words + ", by " + done.joinedBy().words();
    }
}
