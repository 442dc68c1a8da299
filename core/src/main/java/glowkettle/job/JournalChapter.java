package glowkettle.job;

import glowkettle.shop.OpeningHours;
import java.util.List;
import java.util.Optional;

/** The journal itself, from which entries are taken back. */
public final class JournalChapter implements Chapter<JournalEntry> {
    private static final Stage STAGE = new Stage("Journal", "journal");

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
        return JournalKinds.ALL;
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
