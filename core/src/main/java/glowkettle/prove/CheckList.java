package glowkettle.prove;

import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What to prove before the device goes home: what is always looked at, and the function behind every cable that was
 * unplugged or part that was moved. Source: handbook, Prove.
 */
public final class CheckList {
    private CheckList() {}

    /** One function to try. */
    public record Check(
            String id, String question, @Nullable String expect, String because) {}

    /** How a check came out. */
    public enum Outcome {
        WORKS,
        FAILS,
        NOT_THERE
    }

    public static List<Check> of(DeviceModel model, Set<String> operationsDone) {
        List<Check> checks = new ArrayList<>();
        for (DeviceModel.Check check : model.checks()) {
            Optional<Operation> disturbed = model.anatomy().operations().stream()
                    .filter(operation ->
                            check.function().equals(operation.care().function()))
                    .filter(operation -> operationsDone.contains(operation.id()))
                    .findFirst();
            if (check.always() || disturbed.isPresent()) {
                checks.add(new Check(
                        check.function(),
                        check.question(),
                        check.expect(),
                        disturbed
                                .map(operation -> "because of “" + operation.label() + "”")
                                .orElse("always looked at")));
            }
        }
        for (Operation operation : model.anatomy().operations()) {
            String function = operation.care().function();
            if (function != null
                    && checks.stream().noneMatch(check -> check.id().equals(function))
                    && operationsDone.contains(operation.id())) {
                checks.add(new Check(
                        function, "Does the " + function + " work?", null, "because of “" + operation.label() + "”"));
            }
        }
        return checks;
    }
}
