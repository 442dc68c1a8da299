package glowkettle.app.binding;

import glowkettle.finding.Flat;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedMember;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.util.NameTransformer;

/** Has a mapper write and read {@link Flat} parts as if the record around them had their components itself. */
final class FlatNames extends JacksonAnnotationIntrospector {
    @Override
    public @Nullable NameTransformer findUnwrappingNameTransformer(MapperConfig<?> config, AnnotatedMember member) {
        Class<?> owner = member.getDeclaringClass();
        if (!owner.isRecord()) {
            return null;
        }
        String name = member instanceof AnnotatedParameter parameter
                ? owner.getRecordComponents()[parameter.getIndex()].getName()
                : member.getName();
        return Arrays.stream(owner.getRecordComponents())
                .filter(component -> component.getName().equals(name))
                .map(component -> component.getAnnotation(Flat.class))
                .filter(flat -> flat != null)
                .findFirst()
                .map(flat -> transformer(flat.prefix()))
                .orElse(null);
    }

    /** A prefix and a name as one: {@code bay} and {@code widthMm} are {@code bayWidthMm}. */
    static String prefixed(String prefix, String name) {
        return prefix.isEmpty() || name.isEmpty()
                ? prefix + name
                : prefix + Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }

    private static NameTransformer transformer(String prefix) {
        return new NameTransformer() {
            @Override
            public String transform(String name) {
                return prefixed(prefix, name);
            }

            @Override
            public @Nullable String reverse(String name) {
                int start = prefix.length();
                if (start == 0) {
                    return name;
                }
                return name.startsWith(prefix) && name.length() > start
                        ? Character.toLowerCase(name.charAt(start)) + name.substring(start + 1)
                        : null;
            }
        };
    }
}
