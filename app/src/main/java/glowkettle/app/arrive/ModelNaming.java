package glowkettle.app.arrive;

import glowkettle.job.JobFile;
import glowkettle.job.open.Opening;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A model of its own from a job that went by a family: its pack as it was read, and what was noted as warnings. */
final class ModelNaming {
    private static final int LONGEST_ID = 60;
    private static final int LONGEST_WARNING = 300;

    private ModelNaming() {}

    /** Only what was opened by a family, and whose pack is known by its label, is worth keeping. */
    static boolean isNameable(JobFile job) {
        return job.isByFamily() && job.packKnown();
    }

    /** What was noted at a step of the family. */
    static List<Opening.Note> learnt(JobFile job) {
        return Opening.of(job).notes().stream()
                .filter(note ->
                        note.step() != null && job.operation(note.step()).isPresent())
                .toList();
    }

    static DeviceModel named(JobFile job, String name, List<String> codes) {
        List<Opening.Note> notes = learnt(job);
        List<Operation> operations = job.model().anatomy().operations().stream()
                .map(operation -> warned(operation, notes))
                .map(operation -> charted(operation, job))
                .toList();
        return job.model().named(id(name), name, codes, operations);
    }

    private static Operation warned(Operation operation, List<Opening.Note> notes) {
        List<String> warnings = new ArrayList<>(operation.care().warnings());
        notes.stream()
                .filter(note -> operation.id().equals(note.step()))
                .map(note -> cut(note.note()))
                .filter(note -> !warnings.contains(note))
                .forEach(warnings::add);
        return operation.with(warnings);
    }

    /** Screws that nobody put on the map are a part that is lifted with all that holds it. */
    private static Operation charted(Operation operation, JobFile job) {
        return Opening.isUncharted(job, operation) ? operation.as(OperationKind.LIFT_PART) : operation;
    }

    private static String cut(String note) {
        return note.length() <= LONGEST_WARNING
                ? note
                : note.substring(0, note.offsetByCodePoints(0, note.codePointCount(0, LONGEST_WARNING - 2))) + "…";
    }

    /** Small letters, digits and dashes; a name without any gets none. */
    static String id(String name) {
        String id = Normalizer.normalize(name, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .codePoints()
                .filter(point -> Character.getType(point) != Character.NON_SPACING_MARK)
                .mapToObj(Character::toString)
                .collect(Collectors.joining())
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return id.substring(0, Math.min(LONGEST_ID, id.length()));
    }
}
