package glowkettle.app.arrive;

import glowkettle.app.desk.Completion;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.open.FastenerLog;
import glowkettle.job.open.Opening;
import glowkettle.limits.Limit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** A quote takes its labour from the plan; rows left empty are no rows. */
@Component
class QuoteCompletion implements Completion {
    @Override
    public Class<? extends Entry> completes() {
        return ArriveEntry.Quoted.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        typed.put(
                "request.labourMinutes",
                new String[] {Opening.of(job).labourMinutes().toPlainString()});
        int toReplace = FastenerLog.of(job).toReplaceCount();
        if (toReplace > 0) {
            int row = (int) typed.keySet().stream()
                    .filter(name -> name.matches("request\\.parts\\[\\d+]\\.name"))
                    .count();
            typed.put("request.parts[" + row + "].name", new String[] {
                "New screws for %s that were missing or worn: %s"
                        .formatted(
                                toReplace, String.join(", ", FastenerLog.of(job).toReplace()))
            });
            typed.put("request.parts[" + row + "].price", new String[] {
                job.limits()
                        .of(Limit.SCREW_PRICE)
                        .multiply(BigDecimal.valueOf(toReplace))
                        .toPlainString()
            });
        }
        List<String> names = typed.keySet().stream()
                .filter(name -> name.matches("request\\.(offers|parts)\\[\\d+]\\.name"))
                .toList();
        for (String name : names) {
            String price = name.replace(".name", ".price");
            if (isBlank(typed, name) && isBlank(typed, price)) {
                typed.remove(name);
                typed.remove(price);
            }
        }
    }

    private static boolean isBlank(Map<String, String[]> typed, String name) {
        String[] values = typed.getOrDefault(name, new String[0]);
        return values.length == 0 || values[0].isBlank();
    }
}
