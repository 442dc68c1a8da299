package glowkettle.library;

import java.util.ArrayList;
import java.util.List;

/**
 * How hard a device is to open, by what its model says, before it is taken in: steps, screws, glue and leads. Source: handbook,
 * Arrive.
 */
public record Hardness(int steps, int screws, int bonds, int leads) {
    public static Hardness of(DeviceModel model) {
        Leads leads = model.housing().leads();
        return new Hardness(
                model.anatomy().operations().size(),
                model.anatomy().fasteners().size(),
                model.anatomy().bonds().size(),
                leads == null ? 0 : leads.leads().size());
    }

    /** In a glance: "14 steps, 31 screws, glued 2 ×, 3 leads". */
    public String words() {
        List<String> words = new ArrayList<>(List.of(counted(steps, "step")));
        if (screws > 0) {
            words.add(counted(screws, "screw"));
        }
        if (bonds > 0) {
            words.add(bonds == 1 ? "glued" : "glued " + bonds + " ×");
        }
        if (leads > 0) {
            words.add(counted(leads, "lead"));
        }
        return String.join(", ", words);
    }

    private static String counted(int count, String what) {
        return "%s %s%s".formatted(count, what, count == 1 ? "" : "s");
    }
}
