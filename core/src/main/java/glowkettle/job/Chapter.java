package glowkettle.job;

import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.library.DeviceModel;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * What a job knows and allows at one stage.
 *
 * @param <E> the sealed entries of the stage
 */
public interface Chapter<E extends Entry> {
    Class<E> entries();

    /** Every entry of the stage, once. */
    List<Kind<? extends E>> kinds();

    /** The stage on whose page an entry is written. */
    Stage page(E entry);

    String words(E entry, JobFile job);

    /** What an entry tells of a pack of the job; empty where it tells nothing. */
    Optional<Told> tells(E entry, DeviceModel model);

    /** Why an entry may not be written now; empty where it may. What holds for every entry has been asked before. */
    Optional<Refusal> refuse(JobFile job, E entry, Author author, Instant now);
}
