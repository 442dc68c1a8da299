package glowkettle.app.library;

import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.RecordJson;
import glowkettle.library.DeviceModel;
import glowkettle.library.ModelCheck;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A model as a JSON file: read strictly, with line, path and reason of whatever is wrong with it. */
public final class ModelFile {
    private static final JsonMapper MAPPER = RecordJson.builder()
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private ModelFile() {}

    /**
     * Something wrong.
     *
     * @param line in the file, from one
     * @param path as in {@code operations[3].after[0]}; empty for the file itself
     */
    public record Mistake(int line, String path, String reason) {
        @Override
        public String toString() {
            return "line %s%s: %s".formatted(line, path.isEmpty() ? "" : ", " + path, reason);
        }
    }

    /** What was read: a model, or its faults. */
    public record Read(@Nullable DeviceModel model, List<Mistake> faults) {
        public DeviceModel orElseThrow() {
            if (model == null) {
                throw new IllegalStateException("The model has faults: " + faults);
            }
            return model;
        }
    }

    public static Read read(String json) {
        Read read = readLoosely(json);
        return read.faults().isEmpty() ? read : new Read(null, read.faults());
    }

    /** The same, except that a model whose fields read well is there to be looked at, whatever else is wrong with it. */
    static Read readLoosely(String json) {
        JsonNode tree;
        try {
            tree = MAPPER.readTree(json);
        } catch (JacksonException e) {
            int line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
            return new Read(null, List.of(new Mistake(line, "", "This is not JSON: " + e.getOriginalMessage())));
        }
        Bound<DeviceModel> bound = Binder.json(DeviceModel.class, tree);
        if (!bound.isGood()) {
            JsonLines lines = JsonLines.of(json);
            return new Read(
                    null,
                    bound.faults().stream()
                            .map(fault -> new Mistake(lines.line(fault.field()), fault.field(), fault.message()))
                            .toList());
        }
        return checked(bound.get(), json);
    }

    /** A model with what is wrong between its parts, told by the lines of its file. */
    static Read checked(DeviceModel model, String json) {
        List<String> reasons = ModelCheck.faults(model);
        if (reasons.isEmpty()) {
            return new Read(model, List.of());
        }
        JsonLines lines = JsonLines.of(json);
        return new Read(
                model,
                reasons.stream()
                        .map(reason -> new Mistake(lines.near(reason), "", reason))
                        .toList());
    }

    public static String write(DeviceModel model) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(Compact.of(MAPPER.valueToTree(model)));
    }
}
