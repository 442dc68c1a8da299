package glowkettle.assess;

/** What a Guarded job must keep to; each turns up as a check in the plan. */
public enum Condition {
    HEAT_OFF("Switch heat and current off now and watch until the pack is at rest."),
    NO_HEAT("No heat on this pack, by any means."),
    NO_FORCE("Do not prise with force and do not press on the pack."),
    NO_CHARGE("Do not charge this pack again."),
    RETAKE_AT_REST("Off and unplugged for 30 minutes, then take the temperature again."),
    WATCH("Watch the pack for 24 hours after the damage."),
    SECOND_PERSON("A second person stays near while the pack is handled."),
    DRY_FIRST("Dry the device before any power; look again before it is charged."),
    REPLACE_PACK("The pack is not fitted again as it is."),
    MEASURE_NEXT("Take the missing readings before going on.");

    private final String sentence;

    Condition(String sentence) {
        this.sentence = sentence;
    }

    public String sentence() {
        return sentence;
    }
}
