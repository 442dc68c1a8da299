package glowkettle.app.live;

import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * The pages of jobs that are open in front of this node, told of every change of their job. Each line is written by itself:
 * one that is slow or half open keeps nobody else waiting, and is let go.
 */
@Component
class LivePages {
    /** What a page may be behind; it comes again by itself and is told how things stand. */
    private static final int MOST_WAITING = 64;

    private final Map<Long, Set<Line>> pages = new ConcurrentHashMap<>();

    /** One open page, of somebody who is signed in. */
    private static final class Line {
        private final SseEmitter emitter;
        private final String session;
        private final BlockingQueue<SseEmitter.SseEventBuilder> waiting = new ArrayBlockingQueue<>(MOST_WAITING);
        private volatile boolean gone;

        private Line(SseEmitter emitter, String session) {
            this.emitter = emitter;
            this.session = session;
        }
    }

    SseEmitter open(long job, String session, Change now) {
        // Without an end of its own: the browser closes it with the page, and comes again when the line broke.
        SseEmitter emitter = new SseEmitter(0L);
        Line line = new Line(emitter, session);
        Runnable forget = () -> forget(job, line);
        emitter.onCompletion(forget);
        emitter.onError(failure -> forget.run());
        emitter.onTimeout(forget);
        // Within the map, so that the last page to leave does not take the set away under the one that comes.
        pages.compute(job, (key, lines) -> {
            Set<Line> open = lines == null ? ConcurrentHashMap.newKeySet() : lines;
            open.add(line);
            return open;
        });
        // What came between the drawing of the page and this line is told at once.
        say(job, line, event(now));
        // A thread of its own kind: one that stands in a full socket must not hold a carrier that others need.
        Thread.ofPlatform().daemon().name("line-" + job).start(() -> write(job, line));
        return emitter;
    }

    private void write(long job, Line line) {
        try {
            while (!line.gone) {
                line.emitter.send(line.waiting.take());
            }
        } catch (IOException | IllegalStateException broken) {
            forget(job, line);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    void tell(Change change) {
        pages.getOrDefault(change.job(), Set.of()).forEach(line -> say(change.job(), line, event(change)));
    }

    /** Whose lines are open. */
    Set<String> sessions() {
        return pages.values().stream()
                .flatMap(Set::stream)
                .map(line -> line.session)
                .collect(Collectors.toSet());
    }

    /** Lets go of the lines of everybody who is not signed in any more. */
    void keepOnly(Set<String> sessions) {
        pages.forEach((job, lines) ->
                lines.stream().filter(line -> !sessions.contains(line.session)).forEach(line -> forget(job, line)));
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
        pages.forEach((job, lines) -> lines.forEach(
                line -> say(job, line, SseEmitter.event().name(name).data(""))));
    }

    /** Lets go of every line, so that a node can end; the browsers come again elsewhere. */
    void close() {
        pages.forEach((job, lines) -> lines.forEach(line -> forget(job, line)));
    }

    private static SseEmitter.SseEventBuilder event(Change change) {
        return SseEmitter.event().name("changed").data(change.json());
    }

    private void say(long job, Line line, SseEmitter.SseEventBuilder event) {
        if (!line.waiting.offer(event)) {
            forget(job, line);
        }
    }

    private void forget(long job, Line line) {
        if (line.gone) {
            return;
        }
        line.gone = true;
        pages.computeIfPresent(job, (key, lines) -> {
            lines.remove(line);
            return lines.isEmpty() ? null : lines;
        });
        // Wakes its writer, which then ends.
        line.waiting.clear();
        line.waiting.offer(SseEmitter.event().comment("end"));
        try {
            line.emitter.complete();
        } catch (IllegalStateException ended) {
            // The container closed it first.
        }
    }
}
