package glowkettle.app.journal;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import glowkettle.journal.Entry;
import java.util.Objects;
import org.springframework.stereotype.Component;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Entries as JSON. Only components of records are written, so that what a record computes is never stored. */
@Component
public final class EntryJson {
    private final JsonMapper mapper = JsonMapper.builder()
            .changeDefaultVisibility(
                    visibility -> visibility.withVisibility(PropertyAccessor.IS_GETTER, Visibility.NONE))
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    public String write(Entry entry) {
        return mapper.writeValueAsString(entry);
    }

    public Entry read(String kind, String body) {
        Class<?> type = Objects.requireNonNull(Entry.KINDS.get(kind), "No entry is of the kind " + kind);
        return (Entry) mapper.readValue(body, type);
    }

    /** The mapper for everything that leaves as JSON. */
    public JsonMapper mapper() {
        return mapper;
    }
}
