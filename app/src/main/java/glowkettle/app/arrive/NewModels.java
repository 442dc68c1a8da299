package glowkettle.app.arrive;

import glowkettle.app.binding.Fault;
import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.EntryJson;
import glowkettle.app.journal.JobReader;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.library.ModelLibrary;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.library.DeviceModel;
import glowkettle.library.ModelCheck;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;

/** Keeps what was learnt of a device nobody knew, and has its job go on as that model. */
@Service
class NewModels {
    private final ModelLibrary library;
    private final JobReader jobs;
    private final JournalBook journal;
    private final EntryJson json;
    private final InstantSource clock;

    NewModels(ModelLibrary library, JobReader jobs, JournalBook journal, EntryJson json, InstantSource clock) {
        this.library = library;
        this.jobs = jobs;
        this.journal = journal;
        this.json = json;
        this.clock = clock;
    }

    /** What stands in the way; empty when the model is kept. */
    @Transactional
    public Optional<Fault> keep(long number, ModelTyped typed, UUID formId, String by, Role role) {
        JobFile job = jobs.file(number);
        if (!ModelNaming.isNameable(job)) {
            // Sent twice, or from an old page: the job has its model.
            return job.state().latest(ArriveEntry.ModelNamed.class).isPresent()
                    ? Optional.empty()
                    : Optional.of(new Fault("name", "Read the old pack's label first; without it nothing is known."));
        }
        DeviceModel model = ModelNaming.named(job, typed.name(), codes(typed));
        if (model.identity().id().isEmpty()) {
            return Optional.of(new Fault("name", "'%s' has neither letters nor digits".formatted(typed.name())));
        }
        Optional<String> wrong = ModelCheck.faults(model).stream().findFirst();
        if (wrong.isPresent()) {
            return wrong.map(fault -> new Fault("name", "What was found makes no model yet: " + fault));
        }
        if (!library.add(model, json.mapper().writeValueAsString(model), by, clock.instant())) {
            return Optional.of(new Fault(
                    "name", "There is a model '%s' already; name what tells them apart".formatted(typed.name())));
        }
        Appended appended = journal.append(
                number,
                new Draft(new ArriveEntry.ModelNamed(model.identity().id()), formId, Draft.UNSEEN, null, by, role));
        if (appended instanceof Appended.Refused refused) {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
            return Optional.of(new Fault("", refused.refusal().reason()));
        }
        return Optional.empty();
    }

    private static List<String> codes(ModelTyped typed) {
        return typed.codes() == null
                ? List.of()
                : Arrays.stream(typed.codes().split(","))
                        .map(String::strip)
                        .filter(code -> !code.isEmpty())
                        .toList();
    }
}
