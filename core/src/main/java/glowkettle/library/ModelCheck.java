package glowkettle.library;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Says what is wrong with a model before anybody works by it. */
public final class ModelCheck {
    private ModelCheck() {}

    public static List<String> faults(DeviceModel model) {
        List<String> faults = new ArrayList<>();
        Set<String> names = new HashSet<>();
        for (Operation operation : model.operations()) {
            if (!names.add(operation.id())) {
                faults.add("The operation '%s' stands twice".formatted(operation.id()));
            }
        }
        model.operations().stream()
                .map(Operation::choice)
                .filter(java.util.Objects::nonNull)
                .forEach(names::add);
        for (Operation operation : model.operations()) {
            operation.after().stream()
                    .filter(before -> !names.contains(before))
                    .forEach(before -> faults.add(
                            "'%s' comes after '%s', which does not exist".formatted(operation.id(), before)));
        }
        long disconnects = model.operations().stream()
                .filter(operation -> operation.kind().disconnects())
                .count();
        if (disconnects != 1) {
            faults.add("%s operations disconnect the pack; exactly one must".formatted(disconnects));
        }
        model.targets().stream()
                .filter(target -> !names.contains(target))
                .forEach(target -> faults.add("The target '%s' does not exist".formatted(target)));
        fasteners(model, faults);
        return faults;
    }

    /** Whatever comes off goes on again: a fastener belongs to an operation that loosens and that has a way back. */
    private static void fasteners(DeviceModel model, List<String> faults) {
        Set<String> ids = new HashSet<>();
        for (Fastener fastener : model.fasteners()) {
            if (!ids.add(fastener.id())) {
                faults.add("The fastener '%s' stands twice".formatted(fastener.id()));
            }
            boolean loosened = fastener.operation() != null
                    && model.operation(fastener.operation())
                            .filter(operation ->
                                    operation.kind() == OperationKind.LOOSEN_FASTENERS && operation.goesBack())
                            .isPresent();
            if (!loosened) {
                faults.add("The fastener '%s' belongs to no operation that loosens it and puts it back"
                        .formatted(fastener.id()));
            }
            boolean onMap = model.faces().stream()
                    .anyMatch(face -> face.side() == fastener.face()
                            && fastener.xMm().compareTo(face.widthMm()) <= 0
                            && fastener.yMm().compareTo(face.heightMm()) <= 0);
            if (!onMap) {
                faults.add("The fastener '%s' lies off its face".formatted(fastener.id()));
            }
        }
        model.operations().stream()
                .filter(operation -> operation.kind() == OperationKind.LOOSEN_FASTENERS)
                .filter(operation -> model.fastenersOf(operation.id()).isEmpty())
                .forEach(operation -> faults.add("'%s' loosens nothing".formatted(operation.id())));
    }
}
