package glowkettle.job.open;

import glowkettle.job.JobState;
import glowkettle.job.Recorded;
import glowkettle.library.Anatomy;
import glowkettle.library.DeviceModel;
import glowkettle.library.Fastener;
import glowkettle.library.Grip;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The teardown of a device nobody described, with what the bench found: screws on its map, and steps in front of those of its
 * family. Tray, plan and way back work on it as on a model of the library. Source: handbook, Arrive and Open.
 */
final class FoundTeardown {
    private static final String SCREWS = "-screws";
    private static final BigDecimal MINUTES_A_SCREW = new BigDecimal("0.3");

    private FoundTeardown() {}

    static DeviceModel in(JobState state, DeviceModel model) {
        if (!model.isFamily()) {
            return model;
        }
        Anatomy anatomy = model.anatomy();
        for (Recorded recorded : state.counting()) {
            if (recorded.entry() instanceof OpenEntry.StepFound found) {
                anatomy = with(anatomy, found, recorded.seq());
            } else if (recorded.entry() instanceof OpenEntry.ScrewsFound found) {
                anatomy = with(anatomy, found);
            }
        }
        return anatomy == model.anatomy() ? model : model.opened(anatomy);
    }

    private static Anatomy with(Anatomy anatomy, OpenEntry.StepFound found, long seq) {
        Optional<Operation> later = anatomy.operation(found.before());
        return later.isEmpty() ? anatomy : inFront(anatomy, step("found-" + seq, found, later.get()), later.get());
    }

    private static Operation step(String id, OpenEntry.StepFound found, Operation later) {
        FoundThing thing = found.thing();
        return new Operation(
                id,
                thing.kind(),
                thing.there(found.name()),
                thing.minutes(),
                new Operation.Handling(
                        tool(thing),
                        later.handling().side(),
                        later.handling().inside(),
                        null,
                        found.release() == null ? null : new Grip(found.release(), null, null, null, null)),
                new Operation.Order(later.order().after(), null),
                new Operation.Care(List.of(), thing == FoundThing.PLUG ? found.name() : null),
                back(thing.back(found.name())));
    }

    private static @Nullable String tool(FoundThing thing) {
        return switch (thing) {
            case PLUG -> "plastic lever";
            case TAPE -> "plastic tweezers";
            case CLIPS -> "plastic pick";
            case CABLE, PART -> null;
        };
    }

    private static Anatomy with(Anatomy anatomy, OpenEntry.ScrewsFound found) {
        Optional<Operation> at = anatomy.operation(found.step());
        if (at.isEmpty()) {
            return anatomy;
        }
        boolean loosens = at.get().kind() == OperationKind.LOOSEN_FASTENERS;
        String loosening = loosens ? found.step() : found.step() + SCREWS;
        Anatomy charted = anatomy.operation(loosening).isPresent()
                ? anatomy
                : inFront(anatomy, loosening(loosening, at.get(), found.screws()), at.get());
        List<Fastener> fasteners = new ArrayList<>(charted.fasteners());
        found.screws().forEach(screw -> fasteners.add(fastener(fasteners.size() + 1, screw, found, loosening)));
        return charted.with(charted.operations(), fasteners)
                .drawnOn(found.face().drawn());
    }

    private static Operation loosening(String id, Operation later, List<OpenEntry.FoundScrew> screws) {
        return new Operation(
                id,
                OperationKind.LOOSEN_FASTENERS,
                "Loosen the screws on the map",
                MINUTES_A_SCREW.multiply(BigDecimal.valueOf(Math.max(1, screws.size()))),
                new Operation.Handling(
                        screws.isEmpty() ? null : screws.getFirst().make().drive(),
                        later.handling().side(),
                        later.handling().inside(),
                        null,
                        null),
                new Operation.Order(later.order().after(), null),
                new Operation.Care(List.of(), null),
                back("Start every screw by hand, then snug them, each in its own hole"));
    }

    private static Operation.Return back(String label) {
        return new Operation.Return(null, label, null, null, null, null, List.of(), null);
    }

    private static Fastener fastener(
            int number, OpenEntry.FoundScrew screw, OpenEntry.ScrewsFound found, String loosening) {
        return new Fastener(
                "S" + number,
                new Fastener.Spot(found.face().side(), screw.xMm(), screw.yMm()),
                screw.make(),
                Fastener.Seat.METAL,
                screw.captive(),
                null,
                loosening,
                null);
    }

    /** Before the other step, and after all that this one waits for. */
    private static Anatomy inFront(Anatomy anatomy, Operation found, Operation later) {
        List<Operation> operations = new ArrayList<>();
        for (Operation operation : anatomy.operations()) {
            if (operation.id().equals(later.id())) {
                operations.add(found);
                operations.add(later.waitingFor(found.id()));
            } else {
                operations.add(operation);
            }
        }
        return anatomy.with(operations, anatomy.fasteners());
    }
}
