package glowkettle.app.live;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * The pages of jobs that are open in front of this node, told of every change of their job by whoever hears of it.
 * None has a thread of its own: one that is slow or half open keeps nobody else waiting, and is let go.
 */
@Component
class LivePages {
    private final Map<Long, Set<Line>> pages = new ConcurrentHashMap<>();

    /** @param now how the job stands, asked once the line hears: whatever changes after that reaches it */
    void open(long job, HttpServletRequest request, HttpServletResponse response, Supplier<Change> now)
            throws IOException {
        AsyncContext context = request.startAsync(request, response);
        // Without an end of its own: the browser closes it with the page, and comes again when the line broke.
        context.setTimeout(0);
        Line line = new Line(context, request.getSession().getId(), gone -> forget(job, gone));
        context.addListener(new Ending(line));
        // Within the map, so that the last page to leave does not take the set away under the one that comes.
        pages.compute(job, (key, lines) -> {
            Set<Line> open = lines == null ? ConcurrentHashMap.newKeySet() : lines;
            open.add(line);
            return open;
        });
        context.getResponse().getOutputStream().setWriteListener(line);
        // What came between the drawing of the page and this line is told at once.
        line.say("changed", now.get().json());
    }

    void tell(Change change) {
        pages.getOrDefault(change.job(), Set.of()).forEach(line -> line.say("changed", change.json()));
    }

    /** Whose lines are open. */
    Set<String> sessions() {
        return pages.values().stream().flatMap(Set::stream).map(Line::session).collect(Collectors.toSet());
    }

    /** Lets go of the lines of everybody who is not signed in any more. */
    void keepOnly(Set<String> sessions) {
        pages.forEach((job, lines) -> lines.stream()
                .filter(line -> !sessions.contains(line.session()))
                .forEach(Line::end));
    }

    /** Finds out which lines are broken, and lets the pages know that theirs is not. */
    void heartbeat() {
        everyLine("here");
    }

    /** Something may have been missed: every page asks anew how its job stands. */
    void resync() {
        everyLine("resync");
    }

    private void everyLine(String name) {
        pages.forEach((job, lines) -> lines.forEach(line -> line.say(name, "")));
    }

    /** Lets go of every line, so that a node can end; the browsers come again elsewhere. */
    void close() {
        pages.forEach((job, lines) -> lines.forEach(Line::end));
    }

    private void forget(long job, Line line) {
        pages.computeIfPresent(job, (key, lines) -> {
            lines.remove(line);
            return lines.isEmpty() ? null : lines;
        });
    }

    /** However the container ends it, the line is over. */
    private record Ending(Line line) implements AsyncListener {
        @Override
        public void onComplete(AsyncEvent event) {
            line.end();
        }

        @Override
        public void onTimeout(AsyncEvent event) {
            line.end();
        }

        @Override
        public void onError(AsyncEvent event) {
            line.end();
        }

        @Override
        public void onStartAsync(AsyncEvent event) {
            // It is begun once.
        }
    }
}
