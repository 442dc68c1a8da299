package glowkettle.app.isolation;

import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.EntryJson;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.limits.LimitsBook;
import glowkettle.app.shop.Shop;
import glowkettle.finding.Figures;
import glowkettle.finding.Result;
import glowkettle.isolation.HandOver;
import glowkettle.journal.Entry;
import glowkettle.journal.Role;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Packs that leave for disposal: released by a lead, listed with totals, each with its chain. */
@Service
public class HandOvers {
    private static final int MOST_LISTED = 100;

    private final StoreMapper rows;
    private final JournalBook journal;
    private final EntryJson json;
    private final LimitsBook limits;
    private final InstantSource clock;

    HandOvers(StoreMapper rows, JournalBook journal, EntryJson json, LimitsBook limits, InstantSource clock) {
        this.rows = rows;
        this.journal = journal;
        this.json = json;
        this.limits = limits;
        this.clock = clock;
    }

    /** A released pack's way, from the counter to the collector. */
    record Chain(long job, List<StoreMapper.ChainRow> links, List<String> words) {}

    /** A hand-over with its list, totals and chains. */
    record Made(StoreMapper.HandOverRow head, Result<HandOver> list, Map<String, Chain> chains, int limitsVersion) {}

    /** A pack that may not leave; nothing is released then. */
    static final class Refused extends RuntimeException {
        Refused(String reason) {
            super(reason);
        }
    }

    List<StoreMapper.HandOverRow> all() {
        return rows.handOvers(Shop.ID, MOST_LISTED);
    }

    /** What may be released: every pack in a container. */
    List<StoreMapper.PackRow> releasable() {
        return rows.packs(Shop.ID).stream()
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
                new StoreMapper.HandOverRow(
                        number, clock.instant().truncatedTo(ChronoUnit.MILLIS), by, collector, jobs.size()),
                formId.toString());
        for (long job : jobs) {
            Appended appended = journal.append(
                    job,
                    new Draft(
                            new Entry.PackReleased(number, collector),
                            Store.formOf(formId, job),
                            Draft.WHATEVER_CAME,
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
            List<StoreMapper.PackRow> packs = rows.handedOver(Shop.ID, number);
            LimitsBook.Version version = limits.newest();
            Result<HandOver> list = HandOver.of(
                    new HandOver.Packs(packs.stream().map(HandOvers::pack).toList()), version.limits());
            return new Made(head, list, chains(packs), version.limits().version());
        });
    }

    private static HandOver.Pack pack(StoreMapper.PackRow row) {
        return new HandOver.Pack(
                row.label(),
                row.chemistry(),
                row.energyWh(),
                row.cells(),
                row.massG(),
                row.damaged(),
                String.valueOf(row.container()));
    }

    private Map<String, Chain> chains(List<StoreMapper.PackRow> packs) {
        if (packs.isEmpty()) {
            return Map.of();
        }
        Map<Long, List<StoreMapper.ChainRow>> links =
                rows
                        .chains(
                                Shop.ID,
                                packs.stream().map(StoreMapper.PackRow::job).toList())
                        .stream()
                        .filter(row -> !words(row).isEmpty())
                        .collect(Collectors.groupingBy(StoreMapper.ChainRow::job));
        Map<String, Chain> chains = new LinkedHashMap<>();
        for (StoreMapper.PackRow pack : packs) {
            List<StoreMapper.ChainRow> own = links.getOrDefault(pack.job(), List.of());
            chains.put(
                    pack.label(),
                    new Chain(pack.job(), own, own.stream().map(this::words).toList()));
        }
        return chains;
    }

    private String words(StoreMapper.ChainRow row) {
        return switch (json.read(row.kind(), row.body())) {
            case Entry.JobOpened opened -> "came in from " + opened.owner();
            case Entry.StepDone step
            when step.way() == Entry.Way.IN && step.step().contains("pack") ->
                step.step().replace('-', ' ');
            case Entry.PackStored stored -> "into “" + stored.containerName() + "”";
            case Entry.Watched watched -> "looked at, " + Figures.withUnit(watched.surfaceC(), "°C");
            case Entry.PackReleased released -> "handed over to " + released.collector();
            default -> "";
        };
    }
}
