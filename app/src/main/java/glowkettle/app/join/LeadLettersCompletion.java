package glowkettle.app.join;

import glowkettle.app.desk.Completion;
import glowkettle.app.desk.Typed;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.join.JoinEntry;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/** A lead that was only given a colour gets its letter; a row that was left empty is no lead. */
@Component
class LeadLettersCompletion implements Completion {
    private static final Pattern COLOUR = Pattern.compile("leads\\[(\\d)]\\.colour");

    @Override
    public Class<? extends Entry> completes() {
        return JoinEntry.LeadsListed.class;
    }

    @Override
    public void complete(JobFile job, Map<String, String[]> typed) {
        for (String name : List.copyOf(typed.keySet())) {
            Matcher colour = COLOUR.matcher(name);
            if (!colour.matches()) {
                continue;
            }
            String id = name.replace("colour", "id");
            if (!Typed.isBlank(typed.get(name))) {
                typed.putIfAbsent(id, new String[] {String.valueOf((char) ('A' + Integer.parseInt(colour.group(1))))});
            } else if (!typed.containsKey(id)) {
                typed.remove(name);
            }
        }
    }
}
