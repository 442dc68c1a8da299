package glowkettle.app.binding;

/** What is wrong with one field, quoting the value and what would be accepted. */
public record Fault(String field, String message) {}
