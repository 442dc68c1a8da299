package glowkettle.app.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.assess.HazardReadings.Thickness;
import glowkettle.job.Entry;
import glowkettle.job.Recorded;
import glowkettle.job.Role;
import glowkettle.job.TakenBack;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.assess.Assessing;
import glowkettle.job.calibrate.CalibrateEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.order.OrderOfWork;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;

@ExtendWith(RunningKettle.class)
class JournalBookTest {
    private static final List<String> LISTS = List.of("job", "clock", "stored_pack", "step_time", "bench_note");

    private final Kettle kettle;
    private final JobReader jobs;
    private final JournalBook journal;
    private final JdbcTemplate jdbc;

    JournalBookTest(Kettle kettle) {
        this.kettle = kettle;
        kettle.clock().set(Kettle.START);
        jobs = kettle.bean(JobReader.class);
        journal = kettle.bean(JournalBook.class);
        jdbc = new JdbcTemplate(kettle.bean(DataSource.class));
    }

    private static Entry thickness(String middleMm) {
        return new AssessEntry.ThicknessTaken(new Thickness(new BigDecimal(middleMm), List.of(), null));
    }

    private static Draft draft(Entry entry, UUID formId, long seen) {
        return new Draft(entry, formId, seen, null, "technician", Role.TECHNICIAN);
    }

    private Draft correcting(Entry entry, long seen, long corrects) {
        return new Draft(entry, UUID.randomUUID(), seen, corrects, "technician", Role.TECHNICIAN);
    }

    private static Draft byLead(Entry entry, long seen, long corrects) {
        return new Draft(entry, UUID.randomUUID(), seen, corrects, "lead", Role.LEAD);
    }

    private long seq(Played job) {
        return job.file().state().seq();
    }

    @Test
    void theSameFormTwiceIsStoredOnce() {
        Played job = Played.lifted(kettle);
        UUID form = UUID.randomUUID();
        long seen = seq(job);

        assertThat(journal.append(job.number(), draft(thickness("5.9"), form, seen)))
                .isInstanceOf(Appended.Written.class);
        assertThat(journal.append(job.number(), draft(thickness("5.9"), form, seen)))
                .isInstanceOf(Appended.Written.class);
        assertThat(seq(job)).isEqualTo(seen + 1);
    }

    @Test
    void whatWasNotCommittedIsNotRememberedEither() {
        Played job = Played.lifted(kettle);
        long seen = seq(job);

        kettle.bean(TransactionTemplate.class).executeWithoutResult(begun -> {
            assertThat(journal.append(job.number(), draft(thickness("5.9"), UUID.randomUUID(), seen)))
                    .isInstanceOfSatisfying(
                            Appended.Written.class,
                            written -> assertThat(written.job().state().seq()).isEqualTo(seen + 1));
            assertThat(seq(job)).isEqualTo(seen + 1);
            begun.setRollbackOnly();
        });

        assertThat(seq(job)).isEqualTo(seen);
        assertThat(journal.append(job.number(), draft(thickness("6.0"), UUID.randomUUID(), seen)))
                .isInstanceOf(Appended.Written.class);
        assertThat(jobs.journal(job.number()).getLast().entry()).isEqualTo(thickness("6.0"));
    }

    @Test
    void whatAnotherNodeWroteIsReadOnTopOfWhatIsRemembered() {
        Played job = Played.lifted(kettle);
        long seen = seq(job);
        jdbc.update(
                "insert into journal_entry (shop_id, job, seq, at, by, kind, body, form_id)"
                        + " values (1, ?, ?, now(), 'lead', 'noted', '{\"step\": null, \"note\": \"From elsewhere\"}', ?)",
                job.number(),
                seen + 1,
                UUID.randomUUID());

        assertThat(job.file().state().latest(OpenEntry.Noted.class))
                .hasValueSatisfying(noted -> assertThat(noted.note()).isEqualTo("From elsewhere"));
    }

    @Test
    void oneFormWithOtherContentIsRefused() {
        Played job = Played.lifted(kettle);
        UUID form = UUID.randomUUID();
        journal.append(job.number(), draft(thickness("5.9"), form, seq(job)));

        assertThat(journal.append(job.number(), draft(thickness("6.4"), form, seq(job))))
                .isInstanceOf(Appended.Refused.class);
        assertThat(job.file().state().latest(AssessEntry.ThicknessTaken.class))
                .contains((AssessEntry.ThicknessTaken) thickness("5.9"));
    }

    @Test
    void whoeverComesLaterIsToldWhatCameBetween() {
        Played job = Played.lifted(kettle);
        long seen = seq(job);
        journal.append(job.number(), draft(thickness("5.9"), UUID.randomUUID(), seen));

        assertThat(journal.append(job.number(), draft(thickness("6.0"), UUID.randomUUID(), seen)))
                .isInstanceOfSatisfying(
                        Appended.Conflict.class,
                        conflict -> assertThat(conflict.between())
                                .extracting(Recorded::entry)
                                .containsExactly(thickness("5.9")));
    }

    /** Eight hands at once, each with an entry of its own that saw the same journal: one is taken, seven are shown it. */
    @Test
    void ofManyAtOnceOneIsTaken() throws Exception {
        Played job = Played.lifted(kettle);
        long seen = seq(job);
        List<Callable<Appended>> hands = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            String middle = "5.9" + i;
            hands.add(() -> journal.append(job.number(), draft(thickness(middle), UUID.randomUUID(), seen)));
        }
        int written = 0;
        try (ExecutorService pool = Executors.newFixedThreadPool(8)) {
            for (Future<Appended> answer : pool.invokeAll(hands)) {
                written += answer.get() instanceof Appended.Written ? 1 : 0;
            }
        }
        assertThat(written).isEqualTo(1);
        assertThat(seq(job)).isEqualTo(seen + 1);
    }

    @Test
    void aCorrectionReplacesWhatItNamesAndCanBeCorrectedAndTakenBackItself() {
        Played job = Played.lifted(kettle);
        journal.append(job.number(), draft(thickness("5.95"), UUID.randomUUID(), seq(job)));
        long wrong = seq(job);
        assertThat(Assessing.of(job.file()).halted()).isFalse();

        journal.append(job.number(), correcting(thickness("9.5"), seq(job), wrong));
        assertThat(Assessing.of(job.file()).halted()).isTrue();
        // Anybody makes it worse; only a lead makes it better again.
        assertThat(journal.append(job.number(), correcting(thickness("5.95"), seq(job), wrong)))
                .isInstanceOf(Appended.Refused.class);
        assertThat(journal.append(job.number(), correcting(new TakenBack("slipped"), seq(job), wrong)))
                .isInstanceOf(Appended.Refused.class);
        assertThat(journal.append(job.number(), byLead(new TakenBack(), seq(job), wrong)))
                .isInstanceOf(Appended.Refused.class);
        assertThat(journal.append(job.number(), byLead(new TakenBack("The calipers slipped."), seq(job), wrong)))
                .isInstanceOf(Appended.Written.class);
        journal.append(job.number(), draft(thickness("5.95"), UUID.randomUUID(), seq(job)));
        long correction = seq(job);
        assertThat(Assessing.of(job.file()).halted()).isFalse();
        journal.append(job.number(), correcting(thickness("5.85"), seq(job), correction));
        assertThat(job.file().state().all(AssessEntry.ThicknessTaken.class))
                .containsExactly((AssessEntry.ThicknessTaken) thickness("5.85"));

        journal.append(job.number(), correcting(new TakenBack(), seq(job), correction));
        assertThat(job.file().state().all(AssessEntry.ThicknessTaken.class)).isEmpty();
        assertThat(jobs.journal(job.number())).hasSize((int) wrong + 5);
    }

    @Test
    void aCorrectionOfAnotherKindOrOfTheOpeningIsRefused() {
        Played job = Played.lifted(kettle);

        assertThat(journal.append(job.number(), correcting(thickness("5.9"), seq(job), 2)))
                .isInstanceOf(Appended.Refused.class);
        assertThat(journal.append(job.number(), correcting(new TakenBack(), seq(job), 1)))
                .isInstanceOf(Appended.Refused.class);
        assertThat(journal.append(job.number(), correcting(new TakenBack(), seq(job), 999)))
                .isInstanceOf(Appended.Refused.class);
    }

    @Test
    void nothingInAJournalCanBeChangedOrRemoved() {
        Played job = Played.opened(kettle);

        assertThatThrownBy(() -> jdbc.update("update journal_entry set by = 'x' where job = ?", job.number()))
                .rootCause()
                .hasMessageContaining("permission denied");
        assertThatThrownBy(() -> jdbc.update("delete from journal_entry where job = ?", job.number()))
                .rootCause()
                .hasMessageContaining("permission denied");
    }

    /** Once the number that forms are held against lay in the list, and followed the lists back in time. */
    @Test
    void whileTheHoursAreFollowedAndTheListsMadeAnewEveryFormIsTaken() throws Exception {
        Played job = Played.assessed(kettle);
        AtomicBoolean writing = new AtomicBoolean(true);
        try (ExecutorService others = Executors.newFixedThreadPool(1)) {
            Future<Integer> rounds = others.submit(() -> {
                int round = 0;
                while (writing.get()) {
                    kettle.bean(Relisting.class).followTheHours();
                    round++;
                }
                return round;
            });
            for (int i = 0; i < 8; i++) {
                Appended appended = journal.append(
                        job.number(), draft(new OpenEntry.Noted(null, "Note " + i), UUID.randomUUID(), seq(job)));
                assertThat(appended).isInstanceOf(Appended.Written.class);
            }
            writing.set(false);
            assertThat(rounds.get()).isPositive();
        }
        assertThat(jdbc.queryForObject("select seq from job where number = ?", Long.class, job.number()))
                .isEqualTo(seq(job));
    }

    @Test
    void anUnknownJobSaysSo() {
        assertThatThrownBy(() -> jobs.file(987_654_321)).isInstanceOf(UnknownJob.class);
    }

    private List<Map<String, Object>> rows(String table) {
        return jdbc.queryForList("select * from " + table + " order by 1, 2, 3, 4");
    }

    @Test
    void listsRebuiltFromTheJournalsEqualTheListsKeptLive() {
        Played.readyToSign(kettle);
        Played soaking =
                Played.closedUp(kettle).write(new OpenEntry.Noted("cover-off", "The seam sticks at the left."));
        Instant closed = soaking.file().state().counting().getLast().at();
        soaking.write(new CalibrateEntry.CycleEvent(CalibrateEntry.CycleStep.CHARGE_STARTED, closed, null));
        List<List<Map<String, Object>>> live = LISTS.stream().map(this::rows).toList();
        assertThat(live).noneMatch(List::isEmpty);

        kettle.bean(Relisting.class).rebuild();

        for (int i = 0; i < LISTS.size(); i++) {
            assertThat(rows(LISTS.get(i))).as(LISTS.get(i)).isEqualTo(live.get(i));
        }
    }

    /** Every kind of entry goes into the database and comes out as it was. */
    @Test
    void everyEntryOfTheDemoIsReadAsItWasWritten() {
        EntryJson json = kettle.bean(EntryJson.class);
        for (long job = 1; job <= 44; job++) {
            for (Recorded recorded : jobs.journal(job)) {
                assertThat(json.read(OrderOfWork.CHAPTERS.id(recorded.entry()), json.write(recorded.entry())))
                        .isEqualTo(recorded.entry());
            }
        }
    }

    @Test
    void twoJobsCannotOverfillOneContainer() {
        Played first = Played.closedUp(kettle);
        Played second = Played.closedUp(kettle);
        jdbc.update("insert into container (shop_id, id, name, capacity_wh, places) values (1, 'tight', 'Tight', 60, 6)"
                + " on conflict do nothing");
        Entry stored = new IsolationEntry.PackStored(
                "tight", "Tight", glowkettle.assess.Tier.CLEAR, new BigDecimal("50.0115"), null);
        first.write(new CalibrateEntry.CycleLeftOut("calibrated by its maker"));
        second.write(new CalibrateEntry.CycleLeftOut("calibrated by its maker"));

        assertThat(journal.append(first.number(), draft(stored, UUID.randomUUID(), seq(first))))
                .isInstanceOf(Appended.Written.class);
        assertThat(journal.append(second.number(), draft(stored, UUID.randomUUID(), seq(second))))
                .isInstanceOfSatisfying(
                        Appended.Refused.class,
                        refused -> assertThat(refused.refusal().reason()).contains("Tight does not take it"));
    }
}
