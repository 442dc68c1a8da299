package glowkettle.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JobReader;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.library.ModelLibrary;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import glowkettle.assess.HazardTier;
import glowkettle.assess.Tier;
import glowkettle.assess.TierVerdict;
import glowkettle.demo.Onwards;
import glowkettle.finding.Result;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.Role;
import glowkettle.job.TakenBack;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * No entry, however odd, makes a page fail; and nobody but a lead lowers Isolate or worse, by whichever way. How many are
 * written is set by {@code -Dodd.entries=100000}, and where chance begins by {@code -Dodd.seed=1}.
 */
@ExtendWith(RunningKettle.class)
class OddEntriesTest {
    private static final int ENTRIES = Integer.getInteger("odd.entries", 1_500);
    private static final long SEED = Long.getLong("odd.seed", 7);
    private static final int OF_ONE_JOB = Integer.getInteger("odd.of-one-job", 80);
    private static final int ONE_IN = Integer.getInteger("odd.one-page-in", 3);
    /** From so many on the shop's own containers are full. */
    private static final int MANY = 4_000;

    private static final int GUIDED_PERCENT = 35;
    private static final List<String> PAGES = List.of(
            "",
            "/arrive",
            "/assess",
            "/open",
            "/free",
            "/fit",
            "/wayback",
            "/prove",
            "/calibrate",
            "/handback",
            "/journal",
            "/handback/sheet",
            "/arrive/quote");
    private static final List<String> PAPERS = List.of("/handback/sheet.pdf", "/arrive/quote.pdf");

    private final Kettle kettle;
    private final JobReader jobs;
    private final JournalBook journal;
    private final Requests lead;
    private final Random random = new Random(SEED);
    private final OddEntries odd = new OddEntries(random);
    private final Set<Class<?>> admitted = new HashSet<>();
    private final Map<Role, Integer> tries = new EnumMap<>(Role.class);
    private final List<String> failed = new ArrayList<>();
    private int corrections;
    private int taken;
    private int pages;

    OddEntriesTest(Kettle kettle) {
        this.kettle = kettle;
        this.jobs = kettle.bean(JobReader.class);
        this.journal = kettle.bean(JournalBook.class);
        this.lead = Requests.as(kettle, "lead");
    }

    @Test
    void noEntryMakesAPageFailAndNobodyButALeadLowersIsolate() {
        for (int written = 0; written < ENTRIES; written += OF_ONE_JOB) {
            if (written > MANY) {
                anotherContainer(written);
            }
            JobFile job = begun();
            for (int i = 0; i < OF_ONE_JOB; i++) {
                write(job.number());
            }
            PAGES.forEach(page -> draw(job.number(), page));
            PAPERS.forEach(page -> draw(job.number(), page));
        }
        System.out.printf(
                "%s entries, of them %s corrections, %s taken, of %s kinds of %s; %s pages drawn; by %s%n",
                ENTRIES, corrections, taken, admitted.size(), odd.kinds().size(), pages, tries);
        assertThat(failed).isEmpty();
        assertThat(taken).isGreaterThan(ENTRIES / 10);
        assertThat(corrections).isGreaterThan(ENTRIES / 10);
        assertThat(lead.get("/").status()).isEqualTo(200);
        assertThat(lead.get("/isolation").status()).isEqualTo(200);
    }

    private void anotherContainer(int number) {
        new JdbcTemplate(kettle.bean(DataSource.class))
                .update(
                        "insert into container (shop_id, id, name, capacity_wh, places) values (1, ?, ?, 150, 6)",
                        "odd-" + number,
                        "Crock for odd ones " + number);
    }

    private JobFile begun() {
        List<String> models = kettle.bean(ModelLibrary.class).all().stream()
                .map(model -> model.identity().id())
                .sorted()
                .toList();
        return switch (random.nextInt(8)) {
            case 0 -> Played.opened(kettle).file();
            case 1 -> Played.lifted(kettle).file();
            case 2 -> Played.goingBack(kettle, random.nextInt(4)).file();
            case 3 -> Played.closedUp(kettle).file();
            case 4 -> Played.readyToSign(kettle).file();
            case 5 -> Played.readyToSign(kettle).signed().file();
            default ->
                Played.somewhere(kettle, odd.any(models), random.nextInt(30)).file();
        };
    }

    private void write(long number) {
        JobFile before = jobs.file(number);
        Role role = odd.any(List.of(Role.values()));
        boolean corrects = random.nextInt(4) == 0;
        Long corrected =
                corrects ? Long.valueOf(1 + random.nextInt((int) before.state().seq())) : null;
        Entry entry = corrects ? correction(before, corrected) : fresh(before);
        String name = role.name().toLowerCase(Locale.ROOT);
        Appended appended;
        try {
            appended = journal.append(
                    number, new Draft(entry, UUID.randomUUID(), before.state().seq(), corrected, name, role));
        } catch (RuntimeException e) {
            throw new AssertionError(history(number) + "\n" + entry, e);
        }
        tries.merge(role, 1, Integer::sum);
        corrections += corrects ? 1 : 0;
        if (appended instanceof Appended.Written) {
            taken++;
            admitted.add(entry.getClass());
            if (role != Role.LEAD) {
                JobFile after = jobs.file(number);
                lowersNothing(before, after, entry, corrected, JobFile::oldPackTier);
            }
            if (taken % ONE_IN == 0) {
                draw(number, odd.any(PAGES));
            }
        }
    }

    private Entry fresh(JobFile job) {
        return random.nextInt(100) < GUIDED_PERCENT ? Onwards.of(job).orElseGet(() -> odd.next(job)) : odd.next(job);
    }

    private Entry correction(JobFile job, @Nullable Long seq) {
        return random.nextBoolean()
                ? new TakenBack(random.nextBoolean() ? "A slip of the hand." : null)
                : job.state()
                        .standing(java.util.Objects.requireNonNull(seq))
                        .map(Recorded::entry)
                        .filter(standing -> odd.kinds().contains(standing.getClass()))
                        .map(standing -> odd.of(standing.getClass(), job))
                        .orElseGet(() -> odd.next(job));
    }

    private void lowersNothing(
            JobFile before,
            JobFile after,
            Entry entry,
            @Nullable Long corrects,
            Function<JobFile, Result<TierVerdict>> pack) {
        Result<TierVerdict> was = pack.apply(before);
        Tier from = was.result().tier();
        boolean byMeasuring = corrects == null
                && was.findings().stream()
                        .filter(finding -> finding.weight().compareTo(from.weight()) >= 0)
                        .allMatch(HazardTier::waitsForMeasurement);
        if (from.atLeast(Tier.ISOLATE) && !byMeasuring) {
            assertThat(pack.apply(after).result().tier())
                    .as("%s%n%s in place of %s", history(before.number()), entry, corrects)
                    .isGreaterThanOrEqualTo(from);
        }
    }

    private void draw(long number, String page) {
        pages++;
        int status = lead.get("/jobs/" + number + page).status();
        if (status != 200 && status != 302 && status != 404) {
            failed.add("%s answers %s%n%s".formatted(page, status, history(number)));
        }
    }

    private String history(long number) {
        List<String> lines = new ArrayList<>();
        jobs.journal(number)
                .forEach(recorded -> lines.add("%s %s %s → %s"
                        .formatted(recorded.seq(), recorded.by(), recorded.corrects(), recorded.entry())));
        return String.join("\n", lines);
    }
}
