package glowkettle.open;

import glowkettle.finding.Says;
import glowkettle.library.Bond;
import glowkettle.library.DeviceModel;
import glowkettle.library.Mounting;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What is easily forgotten of one device on its way back, by what its model says and by what was taken apart in it. Source:
 * handbook, Fit, Refit.
 *
 * @param beforeLaying what is looked at before the pack is laid in
 * @param gluedPack the operation that glues the pack down; null where nothing does
 * @param pluggedPack the glued pack has a plug, which is tried before it is pressed
 * @param beforeClosing what is looked at before anything hides the inside
 * @param rims operations that glue a rim, each pressed and left to set
 * @param liveCheckLast the live check comes after closing
 */
public record Refit(
        @Says(value = "Looked at before the pack is laid in", longest = 200)
        List<String> beforeLaying,

        @Says(value = "Operation that glues the pack", longest = 40) @Nullable
        String gluedPack,

        @Says("The glued pack has a plug") boolean pluggedPack,

        @Says(value = "Looked at before anything is closed", longest = 200)
        List<String> beforeClosing,

        @Says(value = "Operations that glue a rim", longest = 40)
        List<String> rims,

        @Says("The live check comes after closing") boolean liveCheckLast) {
    private static final Set<OperationKind> CABLES =
            Set.of(OperationKind.MOVE_CABLE, OperationKind.PEEL_TAPE, OperationKind.UNLATCH_CONNECTOR);
    private static final Set<String> WORN = Set.of("headset", "glasses", "watch", "band");

    public Refit {
        beforeLaying = List.copyOf(beforeLaying);
        beforeClosing = List.copyOf(beforeClosing);
        rims = List.copyOf(rims);
    }

    /**
     * @param stepsIn operations that were done on the way in
     * @param newPack a new pack goes in, not the old one again
     */
    public static Refit of(DeviceModel model, List<String> stepsIn, boolean newPack, boolean liveCheckLast) {
        List<Operation> done = model.anatomy().operations().stream()
                .filter(operation -> stepsIn.contains(operation.id()))
                .toList();
        List<Bond> bonds = model.anatomy().bonds().stream()
                .filter(bond -> stepsIn.contains(bond.operation()))
                .toList();
        String glued = bonds.stream()
                .filter(bond -> !bond.layers().stack().adhesive().isSeam())
                .map(Bond::operation)
                .filter(id -> done.stream()
                        .anyMatch(
                                operation -> operation.id().equals(id) && operation.kind() == OperationKind.FREE_PACK))
                .findFirst()
                .orElse(null);
        return new Refit(
                beforeLaying(model, newPack, glued != null),
                glued,
                done.stream().anyMatch(operation -> operation.kind() == OperationKind.DISCONNECT_PACK)
                        && model.housing().leads() == null,
                beforeClosing(model, done),
                bonds.stream()
                        .filter(bond -> bond.layers().stack().adhesive().isSeam())
                        .map(Bond::operation)
                        .toList(),
                liveCheckLast);
    }

    private static List<String> beforeLaying(DeviceModel model, boolean newPack, boolean glued) {
        List<String> points = new ArrayList<>();
        if (newPack) {
            if (model.housing().mounting() != Mounting.SOLDERED) {
                points.add("Transport films off the new pack and its plug.");
            }
            Objects.requireNonNull(model.housing().seat().movesOver())
                    .forEach(part -> points.add("Moved over from the old pack: " + part + "."));
        }
        if (glued) {
            points.add("Old adhesive off, solvent on the cloth, not in the well; dry.");
            points.add("Does the new pack come with its own adhesive? Then nothing is laid under it.");
        }
        if (model.housing().seat().seating() != null) {
            points.add(model.housing().seat().seating());
        }
        return points;
    }

    private static List<String> beforeClosing(DeviceModel model, List<Operation> done) {
        List<String> points = new ArrayList<>();
        List<String> cables = done.stream()
                .filter(operation -> CABLES.contains(operation.kind()))
                .map(Refit::part)
                .distinct()
                .toList();
        if (!cables.isEmpty()) {
            points.add(
                    "Out of the way of posts and covers, taped as they were: %s.".formatted(String.join(", ", cables)));
        }
        points.add("Nothing pinched, nothing left inside.");
        if (tells(model, "camera")) {
            points.add("Camera: covered while it was open; the cover is off, no dust on the glass.");
        }
        points.add(
                tells(model, "fan")
                        ? "Dust blown out, outdoors, the fan held still, no jet at a speaker."
                        : "Dust blown out, no jet at a speaker.");
        if (model.anatomy().operations().stream()
                .anyMatch(operation -> operation.kind() == OperationKind.LIFT_DOCKED_PACK_OUT)) {
            points.add("Contacts clean, of pack and bay.");
        }
        if (WORN.contains(model.identity().kind().toLowerCase(Locale.ROOT))) {
            points.add("What is worn on the body is cleaned.");
        }
        return points;
    }

    /** What hands call it: the function behind it where the model says one. */
    private static String part(Operation operation) {
        return operation.care().function() == null
                ? operation.label().toLowerCase(Locale.ROOT)
                : operation.care().function();
    }

    private static boolean tells(DeviceModel model, String word) {
        return Stream.of(
                        model.checks().stream().map(DeviceModel.Check::function),
                        model.anatomy().operations().stream()
                                .flatMap(operation ->
                                        Stream.ofNullable(operation.care().function())),
                        model.anatomy().faces().stream()
                                .flatMap(face -> face.areas().stream())
                                .map(area -> area.name()))
                .flatMap(names -> names)
                .anyMatch(name -> name.toLowerCase(Locale.ROOT).contains(word));
    }

    /** A cover that is screwed may be closed first; whatever is glued is not opened again for a look. */
    public static boolean mayCheckLast(DeviceModel model, List<String> stepsIn) {
        return model.anatomy().operations().stream()
                        .filter(operation -> stepsIn.contains(operation.id()))
                        .noneMatch(operation -> operation.kind() == OperationKind.CUT_ADHESIVE)
                && model.anatomy().bonds().stream()
                        .filter(bond -> bond.layers().stack().adhesive().isSeam())
                        .noneMatch(bond -> stepsIn.contains(bond.operation()));
    }
}
