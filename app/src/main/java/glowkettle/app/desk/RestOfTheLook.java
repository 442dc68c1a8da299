package glowkettle.app.desk;

import glowkettle.app.binding.Part;
import glowkettle.assess.HazardReadings.Look;
import glowkettle.assess.HazardReadings.Wet;
import java.util.Map;

/** Whoever taps that the rest is none of these answers No to every question of a look that stands open. */
final class RestOfTheLook {
    private static final String RECORD = "look.";

    private RestOfTheLook() {}

    static void isGood(Map<String, String[]> typed) {
        Part.of(Look.class).stream()
                .filter(part -> part.component().getType() == Boolean.class)
                .map(Part::name)
                .forEach(name -> typed.putIfAbsent(RECORD + name, new String[] {"false"}));
        typed.putIfAbsent(RECORD + "wet", new String[] {Wet.NO.name()});
    }
}
