package glowkettle.app.journal;

import glowkettle.app.binding.RecordJson;
import glowkettle.job.Entry;
import glowkettle.job.order.OrderOfWork;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Entries as JSON. Only components of records are written, so that what a record computes is never stored. */
@Component
public final class EntryJson {
    private final JsonMapper mapper = RecordJson.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    public String write(Entry entry) {
        return mapper.writeValueAsString(entry);
    }

    /**
     * Strictly: a body with a component that the record does not have, or without one that it must have, is not read.
     *
     * @throws IllegalStateException where it is not
     */
    public Entry read(String kind, String body) {
        try {
            EarlierBodies.Stored now = EarlierBodies.now(new EarlierBodies.Stored(kind, body), mapper);
            Entry entry = mapper.readValue(now.body(), type(now.kind()));
            Components.requireWhole(now.kind(), entry);
            return entry;
        } catch (JacksonException unlike) {
            throw new IllegalStateException("An entry of the kind '%s' is not read: %s".formatted(kind, body), unlike);
        }
    }

    private static Class<? extends Entry> type(String kind) {
        return OrderOfWork.CHAPTERS
                .kind(kind)
                .orElseThrow(() -> new IllegalStateException("No entry is of the kind '%s'".formatted(kind)))
                .type();
    }

    /** The mapper for everything that leaves as JSON. */
    public JsonMapper mapper() {
        return mapper;
    }
}
