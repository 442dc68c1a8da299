package glowkettle.app.binding;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import tools.jackson.databind.json.JsonMapper;

/** Mappers that write the components of records and nothing that a record computes. */
public final class RecordJson {
    private RecordJson() {}

    public static JsonMapper.Builder builder() {
        return JsonMapper.builder()
                .annotationIntrospector(new FlatNames())
                .changeDefaultVisibility(
                        visibility -> visibility.withVisibility(PropertyAccessor.IS_GETTER, Visibility.NONE));
    }
}
