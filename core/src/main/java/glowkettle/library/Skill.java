package glowkettle.library;

/** How practised a hand an operation wants, least first. */
public enum Skill {
    TRAINEE,
    TECHNICIAN,
    EXPERT
}
