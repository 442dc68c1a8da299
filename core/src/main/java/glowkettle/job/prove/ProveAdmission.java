package glowkettle.job.prove;

import glowkettle.job.Admission;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.JobFile;
import glowkettle.job.wayback.WayBackAdmission;
import java.util.Optional;

/** Whether a check may be written now. */
final class ProveAdmission {
    private ProveAdmission() {}

    static Optional<Refusal> ranAfter(JobFile job, ProveEntry.RanAfter ran) {
        return WayBackAdmission.afterWayBack(job)
                .or(() -> Admission.answerable("run.", () -> Proving.of(job).judged(ran)));
    }

    static Optional<Refusal> checked(JobFile job, ProveEntry.Checked checked) {
        boolean known =
                Proving.of(job).checks().stream().anyMatch(check -> check.id().equals(checked.check()));
        return known
                ? WayBackAdmission.afterWayBack(job)
                : Admission.no("check", "'%s' is no check of this job.".formatted(checked.check()));
    }
}
