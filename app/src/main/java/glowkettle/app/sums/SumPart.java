package glowkettle.app.sums;

import glowkettle.app.form.Field;
import java.util.List;

/** A part of the form of a sum, made from the record it fills. */
public sealed interface SumPart {
    /** What the template calls it. */
    String sort();

    /** One question. */
    record One(Field field) implements SumPart {
        @Override
        public String sort() {
            return "one";
        }
    }

    /**
     * A record within the record.
     *
     * @param open something stands in it, or it must be filled
     */
    record Group(String label, List<SumPart> parts, boolean open) implements SumPart {
        @Override
        public String sort() {
            return "group";
        }

        public boolean isPlain() {
            return parts.stream().allMatch(One.class::isInstance);
        }
    }

    /**
     * A list of records, each a group of its own, and one that is empty.
     *
     * @param path under which more of them are asked for
     */
    record Rows(String label, String path, List<Group> rows) implements SumPart {
        @Override
        public String sort() {
            return "rows";
        }
    }
}
