package glowkettle.finding;

import java.util.List;

/** What a rule answers: the result, strongest finding first, and the working. */
public record Result<T>(T result, List<Finding> findings, Working working) {
    public Result {
        findings = findings.stream()
                .sorted((a, b) -> b.weight().compareTo(a.weight()))
                .toList();
    }
}
