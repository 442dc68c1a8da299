package glowkettle.open;

import glowkettle.finding.Unanswerable;
import glowkettle.library.Operation;
import glowkettle.library.Skill;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** Every way through the operations that takes exactly one of each choice, within the technician's skill. */
final class Choices {
    private static final int MOST_WAYS = 1024;

    private Choices() {}

    static List<List<Operation>> ways(Teardown.Request request) {
        Skill skill = Objects.requireNonNullElse(request.skill(), Skill.EXPERT);
        Map<String, List<Operation>> choices = new LinkedHashMap<>();
        for (Operation operation : request.operations()) {
            if (operation.order().choice() != null) {
                choices.computeIfAbsent(operation.order().choice(), name -> new ArrayList<>());
                if (operation.handling().skill() == null
                        || operation.handling().skill().compareTo(skill) <= 0) {
                    Objects.requireNonNull(choices.get(operation.order().choice()))
                            .add(operation);
                }
            }
        }
        List<List<Operation>> ways = List.of(request.operations().stream()
                .filter(operation -> operation.order().choice() == null)
                .toList());
        for (Map.Entry<String, List<Operation>> choice : choices.entrySet()) {
            if (choice.getValue().isEmpty()) {
                throw new Unanswerable(
                        "skill", "Every way of '%s' wants more skill than %s".formatted(choice.getKey(), skill.name()));
            }
            ways = ways.stream()
                    .flatMap(way -> choice.getValue().stream().map(option -> plus(way, option)))
                    .toList();
            if (ways.size() > MOST_WAYS) {
                throw new Unanswerable("operations", "The choices combine to more than %s ways".formatted(MOST_WAYS));
            }
        }
        return ways;
    }

    /** False when a target is one way of a choice and this is another. */
    static boolean reaches(List<Operation> way, Teardown.Request request) {
        return request.operations().stream()
                .filter(operation -> request.targets().contains(operation.id()))
                .allMatch(way::contains);
    }

    private static List<Operation> plus(List<Operation> way, Operation option) {
        List<Operation> longer = new ArrayList<>(way);
        longer.add(option);
        return longer;
    }
}
