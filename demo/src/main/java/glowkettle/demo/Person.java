package glowkettle.demo;

import glowkettle.job.Role;

/** Somebody who works in the equipment room. */
public enum Person {
    LEAD("lead", "Lead of the equipment room", Role.LEAD),
    TECHNICIAN("technician", "Technician at the bench", Role.TECHNICIAN),
    TRAINEE("trainee", "Trainee", Role.TRAINEE);

    /** Everybody's; only a demo has accounts with a known password. */
    public static final String PASSWORD = "quayside";

    private final String account;
    private final String shownName;
    private final Role role;

    Person(String account, String shownName, Role role) {
        this.account = account;
        this.shownName = shownName;
        this.role = role;
    }

    public String account() {
        return account;
    }

    public String shownName() {
        return shownName;
    }

    public Role role() {
        return role;
    }
}
