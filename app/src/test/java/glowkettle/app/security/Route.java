package glowkettle.app.security;

import glowkettle.app.demo.Played;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A line of the table: where a request goes, on which job, with what, and how it ends for a trainee, a technician and a
 * lead.
 *
 * @param pattern as the controller names it
 * @param path with {@code {job}} for the number of the job, or the name of a demo's job in braces
 * @param job made anew for every request; null for routes without one
 * @param file sent as a file; null for a plain form
 */
record Route(
        String method,
        String pattern,
        String path,
        @Nullable Function<Kettle, Played> job,
        Map<String, String> fields,
        byte @Nullable [] file,
        int trainee,
        int technician,
        int lead) {
    static Route get(String pattern, String path, int trainee, int technician, int lead) {
        return new Route("GET", pattern, path, null, Map.of(), null, trainee, technician, lead);
    }

    static Route post(String pattern, String path, int trainee, int technician, int lead) {
        return new Route("POST", pattern, path, null, Map.of(), null, trainee, technician, lead);
    }

    Route on(Function<Kettle, Played> made) {
        return new Route(method, pattern, path, made, fields, file, trainee, technician, lead);
    }

    Route with(String... pairs) {
        Map<String, String> more = new HashMap<>(fields);
        for (int i = 0; i < pairs.length; i += 2) {
            more.put(pairs[i], pairs[i + 1]);
        }
        return new Route(method, pattern, path, job, more, file, trainee, technician, lead);
    }

    Route withFile(byte[] bytes) {
        return new Route(method, pattern, path, job, fields, bytes, trainee, technician, lead);
    }

    int expected(String account) {
        return switch (account) {
            case "trainee" -> trainee;
            case "technician" -> technician;
            default -> lead;
        };
    }

    /** One request of this route, ready to be sent by anybody, as often as wanted. */
    record Ready(Route route, String path, Map<String, String> fields) {
        Requests.Answer send(Requests requests) {
            return route.method().equals("GET")
                    ? requests.glance(path)
                    : route.file() == null ? requests.post(path, fields) : requests.upload(path, fields, route.file());
        }

        Ready seen(long seq) {
            Map<String, String> other = new HashMap<>(fields);
            other.put("seen", String.valueOf(seq));
            return new Ready(route, path, other);
        }
    }

    Ready ready(Kettle kettle) {
        Map<String, String> all = new HashMap<>(fields);
        all.put("formId", Requests.formId());
        Played played = job == null ? null : job.apply(kettle);
        if (played != null) {
            all.putIfAbsent("seen", String.valueOf(played.file().state().seq()));
        }
        String unique = Requests.formId().substring(0, 8);
        all.replaceAll((name, value) -> value.replace("{unique}", unique));
        String named = Played.address(kettle, path);
        return new Ready(this, played == null ? named : named.replace("{job}", String.valueOf(played.number())), all);
    }

    @Override
    public String toString() {
        return method + " " + path;
    }
}
