package glowkettle.job;

/** Who writes in the journal, least trusted first. */
public enum Role {
    TRAINEE,
    TECHNICIAN,
    LEAD
}
