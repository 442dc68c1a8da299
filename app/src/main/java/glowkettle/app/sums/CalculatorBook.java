package glowkettle.app.sums;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Every calculator of every stage, by stage and name. */
@Component
public class CalculatorBook {
    private final Map<String, Calculator<?, ?>> calculators = new LinkedHashMap<>();

    CalculatorBook(List<Calculators> stages) {
        stages.stream()
                .flatMap(stage -> stage.calculators().stream())
                .forEach(calculator -> calculators.put(calculator.path(), calculator));
    }

    Collection<Calculator<?, ?>> all() {
        return calculators.values();
    }

    /** Those that have sums, as in their addresses. */
    public List<String> stages() {
        return calculators.values().stream().map(Calculator::stage).distinct().toList();
    }

    Optional<Calculator<?, ?>> find(String stage, String name) {
        return Optional.ofNullable(calculators.get("/api/" + stage + "/" + name));
    }
}
