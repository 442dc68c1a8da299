package glowkettle.finding;

/**
 * Input whose values are each in range but which cannot be judged together, such as a window whose second voltage is
 * higher than its first. Names the field to change and what would be accepted.
 */
public class Unanswerable extends IllegalArgumentException {
    private final String field;

    public Unanswerable(String field, String message) {
        super(message);
        this.field = field;
    }

    public String field() {
        return field;
    }
}
