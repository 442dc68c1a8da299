package glowkettle.app.desk;

import glowkettle.app.binding.Part;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import java.util.List;
import java.util.Map;

/** Whoever taps that the rest is none of these answers No to every question of a look that stands open. */
public final class RestOfTheLook {
    /** The questions of a look that are answered with yes or no. */
    public static final List<String> QUESTIONS = Part.of(Look.class).stream()
            .filter(part -> part.component().getType() == Boolean.class)
            .map(Part::name)
            .toList();

    private static final String RECORD = "look.";

    private RestOfTheLook() {}

    static void isGood(Map<String, String[]> typed) {
        QUESTIONS.forEach(name -> typed.putIfAbsent(RECORD + name, new String[] {"false"}));
        typed.putIfAbsent(RECORD + "wet", new String[] {Wet.NO.name()});
    }
}
