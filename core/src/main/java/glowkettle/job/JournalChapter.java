package glowkettle.job;

import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.library.DeviceModel;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** The journal itself, from which entries are taken back. */
public final class JournalChapter implements Chapter<JournalEntry> {
    private static final Stage STAGE = new Stage("Journal", "journal");

    private static final List<Kind<? extends JournalEntry>> KINDS =
            List.of(Kind.of("taken-back", TakenBack.class, Traits.TAPPED, Spark.HARMLESS, Firmness.RECKONED));

    @Override
    public Stage stage() {
        return STAGE;
    }

    @Override
    public boolean hasPage() {
        return false;
    }

    @Override
    public Class<JournalEntry> entries() {
        return JournalEntry.class;
    }

    @Override
    public List<Kind<? extends JournalEntry>> kinds() {
        return KINDS;
    }

    @Override
    public String words(JournalEntry entry, JobFile job) {
        return switch (entry) {
            case TakenBack taken -> "Taken back" + (taken.reason() == null ? "" : ": " + taken.reason());
        };
    }

    @Override
    public Optional<Told> tells(JournalEntry entry, DeviceModel model, ShopLimits limits) {
        return Optional.empty();
    }

    @Override
    public Optional<Refusal> refuse(JobFile job, JournalEntry entry, Author author, Instant now) {
        return Optional.empty();
    }

    @Override
    public Optional<NextThing> next(JobFile job) {
        return Optional.empty();
    }

    @Override
    public List<Call> calls(JobFile job, OpeningHours hours) {
        return List.of();
    }
}
