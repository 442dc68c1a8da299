package glowkettle.app.isolation;

import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JobReader;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.limits.LimitsBook;
import glowkettle.app.shop.Shop;
import glowkettle.finding.Result;
import glowkettle.isolation.HandOver;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import glowkettle.job.isolation.IsolationEntry;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Packs that leave for disposal: released by a lead, listed with totals, each with its chain. */
@Service
public class HandOvers {
    private static final int MOST_LISTED = 100;

    private final HandOverMapper rows;
    private final StoredPackMapper stored;
    private final JobReader jobs;
    private final JournalBook journal;
    private final LimitsBook limits;
    private final InstantSource clock;

    HandOvers(
            HandOverMapper rows,
            StoredPackMapper stored,
            JobReader jobs,
            JournalBook journal,
            LimitsBook limits,
            InstantSource clock) {
        this.rows = rows;
        this.stored = stored;
        this.jobs = jobs;
        this.journal = journal;
        this.limits = limits;
        this.clock = clock;
    }

    /** A hand-over with its list, totals and chains. */
    record Made(
            HandOverMapper.HandOverRow head, Result<HandOver> list, Map<String, PackChain> chains, int limitsVersion) {}

    /** A pack that may not leave; nothing is released then. */
    static final class Refused extends RuntimeException {
        Refused(String reason) {
            super(reason);
        }
    }

    List<HandOverMapper.HandOverRow> all() {
        return rows.handOvers(Shop.ID, MOST_LISTED);
    }

    /** What may be released: every pack in a container. */
    List<StoredPackMapper.PackRow> releasable() {
        return stored.packs(Shop.ID).stream()
                .filter(pack -> pack.container() != null)
                .toList();
    }

    @Transactional
    public int release(List<Long> jobs, String collector, UUID formId, String by, Role role) {
        Optional<Integer> made = rows.ofForm(Shop.ID, formId.toString());
        if (made.isPresent()) {
            return made.get();
        }
        int number = rows.nextHandOver(Shop.ID);
        made = rows.ofForm(Shop.ID, formId.toString());
        if (made.isPresent()) {
            return made.get();
        }
        rows.putHandOver(
                Shop.ID,
                new HandOverMapper.HandOverRow(
                        number, clock.instant().truncatedTo(ChronoUnit.MILLIS), by, collector, jobs.size()),
                formId.toString());
        for (long job : jobs.stream().sorted().toList()) {
            Appended appended = journal.append(
                    job,
                    new Draft(
                            new IsolationEntry.PackReleased(number, collector),
                            Store.formOf(formId, job),
                            Draft.UNSEEN,
                            null,
                            by,
                            role));
            if (appended instanceof Appended.Refused refused) {
                throw new Refused("Job %s: %s".formatted(job, refused.refusal().reason()));
            }
        }
        return number;
    }

    @Transactional(readOnly = true)
    Optional<Made> made(int number) {
        return rows.handOver(Shop.ID, number).map(head -> {
            List<StoredPackMapper.PackRow> packs = stored.handedOver(Shop.ID, number);
            LimitsBook.Version version = limits.newest();
            Result<HandOver> list = HandOver.of(
                    new HandOver.Packs(packs.stream().map(HandOvers::pack).toList()), version.limits());
            return new Made(head, list, chains(packs), version.limits().version());
        });
    }

    private static HandOver.Pack pack(StoredPackMapper.PackRow row) {
        return new HandOver.Pack(
                row.label(),
                row.chemistry(),
                row.energyWh(),
                row.cells(),
                row.massG(),
                row.damaged(),
                String.valueOf(row.container()));
    }

    private Map<String, PackChain> chains(List<StoredPackMapper.PackRow> packs) {
        Map<Long, JobFile> files =
                jobs.files(packs.stream().map(StoredPackMapper.PackRow::job).toList());
        Map<String, PackChain> chains = new LinkedHashMap<>();
        packs.forEach(pack -> chains.put(pack.label(), PackChain.of(Objects.requireNonNull(files.get(pack.job())))));
        return chains;
    }
}
