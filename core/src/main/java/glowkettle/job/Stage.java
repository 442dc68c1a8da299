package glowkettle.job;

/** The stages of a job in their order. */
public enum Stage {
    ARRIVE("Arrive", "arrive"),
    ASSESS("Assess", "assess"),
    OPEN("Open", "open"),
    FREE("Free", "free"),
    FIT("Fit", "fit"),
    WAY_BACK("Way back", "wayback"),
    PROVE("Prove", "prove"),
    CALIBRATE("Calibrate", "calibrate"),
    HAND_BACK("Hand back", "handback");

    private final String words;
    private final String path;

    Stage(String words, String path) {
        this.words = words;
        this.path = path;
    }

    public String words() {
        return words;
    }

    public String path() {
        return path;
    }
}
