package glowkettle.app.open;

import glowkettle.app.binding.FilledForm;
import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.job.JobFile;
import glowkettle.job.open.Opening;
import glowkettle.library.Operation;
import glowkettle.open.HandOrder;
import glowkettle.open.Teardown;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What the plan is for, and an order tried by hand with what it breaks or costs. */
public record Planning(
        List<Goal> goals,
        boolean byHand,
        List<Operation> order,
        @Nullable Result<HandOrder> tried,
        @Nullable String fault) {
    /** Something to reach, chosen or not. */
    public record Goal(String name, String operation, boolean chosen) {}

    static Planning of(JobFile job, FilledForm filled) {
        List<String> asked = filled.askedAll("order[]");
        List<String> order = asked.isEmpty() ? Opening.of(job).plan().result().order() : asked;
        Result<HandOrder> tried = null;
        String fault = null;
        if (!asked.isEmpty()) {
            try {
                tried = HandOrder.of(
                        new HandOrder.Request(
                                new Teardown.Request(
                                        job.model().anatomy().operations(),
                                        Opening.of(job).targets(),
                                        null),
                                asked),
                        job.limits());
            } catch (Unanswerable unanswerable) {
                fault = unanswerable.getMessage();
                order = Opening.of(job).plan().result().order();
            }
        }
        List<Operation> steps = new ArrayList<>();
        order.forEach(id -> job.operation(id).ifPresent(steps::add));
        return new Planning(goals(job), Opening.of(job).isByHand(), steps, tried, fault);
    }

    private static List<Goal> goals(JobFile job) {
        Map<String, String> names = new LinkedHashMap<>();
        job.model()
                .anatomy()
                .targets()
                .forEach(target -> names.put(target, target.equals("pack-out") ? "pack" : target));
        job.model().anatomy().otherTargets().forEach(target -> names.put(target.operation(), target.name()));
        List<String> chosen = Opening.of(job).targets();
        return Stream.concat(
                        names.entrySet().stream()
                                .map(name -> new Goal(name.getValue(), name.getKey(), chosen.contains(name.getKey()))),
                        chosen.stream()
                                .filter(target -> !names.containsKey(target))
                                .map(target -> new Goal(
                                        job.operation(target)
                                                .map(Operation::label)
                                                .orElse(target),
                                        target,
                                        true)))
                .toList();
    }
}
