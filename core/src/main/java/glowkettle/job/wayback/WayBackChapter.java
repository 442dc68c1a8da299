package glowkettle.job.wayback;

import static glowkettle.job.Traits.Hands.*;
import static glowkettle.job.Traits.Mended.*;
import static glowkettle.job.Traits.Reads.*;
import static glowkettle.job.Traits.Signed.*;
import static glowkettle.job.Traits.Source.*;

import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.job.Chapter;
import glowkettle.job.Firmness;
import glowkettle.job.JobFile;
import glowkettle.job.Kind;
import glowkettle.job.Spark;
import glowkettle.job.Stage;
import glowkettle.job.Told;
import glowkettle.job.Traits;
import glowkettle.library.DeviceModel;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The device closed again. */
public final class WayBackChapter implements Chapter<WayBackEntry> {
    private static final List<Kind<? extends WayBackEntry>> KINDS = List.of(Kind.of(
            "fasteners-back",
            WayBackEntry.FastenersBack.class,
            new Traits(FORM, TAKEN_BACK, NO_READING, UNTIL_SIGNED, NO_TRAINEE_IN_DANGER),
            Spark.KINDLES,
            Firmness.LOOSE));

    @Override
    public Class<WayBackEntry> entries() {
        return WayBackEntry.class;
    }

    @Override
    public List<Kind<? extends WayBackEntry>> kinds() {
        return KINDS;
    }

    @Override
    public Stage page(WayBackEntry entry) {
        return Stage.WAY_BACK;
    }

    @Override
    public String words(WayBackEntry entry, JobFile job) {
        return switch (entry) {
            case WayBackEntry.FastenersBack back ->
                "Back in: "
                        + back.placements().stream()
                                .map(placement -> placement.fastener().equals(placement.hole())
                                        ? placement.hole()
                                        : placement.fastener() + " in the hole of " + placement.hole())
                                .collect(Collectors.joining(", "));
        };
    }

    @Override
    public Optional<Told> tells(WayBackEntry entry, DeviceModel model) {
        return switch (entry) {
            case WayBackEntry.FastenersBack ignored -> Optional.empty();
        };
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, WayBackEntry entry, Author author, Instant now) {
        return switch (entry) {
            case WayBackEntry.FastenersBack back -> WayBackAdmission.fastenersBack(job, back);
        };
    }
}
