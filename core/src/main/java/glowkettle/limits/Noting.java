package glowkettle.limits;

import java.util.AbstractMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The same pairs, and a note of which were looked up. */
final class Noting<K, V> extends AbstractMap<K, V> {
    private final Map<K, V> pairs;
    private final Set<? super K> asked;

    Noting(Map<K, V> pairs, Set<? super K> asked) {
        this.pairs = pairs;
        this.asked = asked;
    }

    @Override
    @SuppressWarnings("unchecked")
    public @Nullable V get(Object key) {
        V value = pairs.get(key);
        if (value != null) {
            asked.add((K) key);
        }
        return value;
    }

    @Override
    public Set<Entry<K, V>> entrySet() {
        return pairs.entrySet();
    }
}
