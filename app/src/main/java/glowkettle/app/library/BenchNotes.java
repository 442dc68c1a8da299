package glowkettle.app.library;

import glowkettle.app.shop.Shop;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the bench noted about a model: proposed to the next person, once a lead has said yes. */
@Service
class BenchNotes {
    private static final int LONGEST_WARNING = 300;

    private final BenchNoteMapper rows;
    private final ModelLibrary library;

    BenchNotes(BenchNoteMapper rows, ModelLibrary library) {
        this.rows = rows;
        this.library = library;
    }

    List<BenchNoteMapper.NoteRow> of(String model) {
        return rows.waiting(Shop.ID, model);
    }

    /** How many notes wait, by model. */
    Map<String, Integer> waiting() {
        return rows.waitingByModel(Shop.ID).stream()
                .collect(Collectors.toMap(BenchNoteMapper.Waiting::model, BenchNoteMapper.Waiting::notes));
    }

    /** An accepted note becomes a warning before its step, in a new version of the model. */
    @Transactional
    public void decide(
            DeviceModel model, long job, long seq, boolean accepted, @Nullable String text, String by, Instant at) {
        List<BenchNoteMapper.NoteRow> waiting = of(model.identity().id()).stream()
                .filter(note -> note.job() == job && note.seq() == seq)
                .toList();
        if (waiting.isEmpty() || rows.decide(Shop.ID, job, seq, accepted, at, by) == 0 || !accepted) {
            return;
        }
        BenchNoteMapper.NoteRow note = waiting.getFirst();
        String warning = text == null || text.isBlank() ? note.note() : text.strip();
        String step = note.operation() == null
                ? model.anatomy().operations().getFirst().id()
                : note.operation();
        DeviceModel changed = model.with(
                operation -> operation.id().equals(step) ? warned(operation, warning) : operation,
                fastener -> fastener);
        library.save(
                changed,
                ModelFile.write(changed),
                library.newestVersion(model.identity().id()),
                by,
                "Noted on job %s".formatted(job),
                at);
    }

    private static Operation warned(Operation operation, String warning) {
        List<String> warnings = new ArrayList<>(operation.care().warnings());
        warnings.add(warning.length() > LONGEST_WARNING ? warning.substring(0, LONGEST_WARNING) : warning);
        return operation.with(warnings);
    }
}
