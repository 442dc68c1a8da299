package glowkettle.app.format;

/** A pattern for SQL's {@code like}. */
public final class LikePattern {
    private LikePattern() {}

    /** Whatever has the text in it, each of its characters meaning itself. */
    public static String containing(String text) {
        return "%" + text.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
    }
}
