package glowkettle.app.live;

import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The pages of jobs that are open in front of this node, told of every change of their job. */
@Component
class OpenPages {
    private final Map<Long, Set<SseEmitter>> pages = new ConcurrentHashMap<>();

    SseEmitter open(long job, Change now) {
        // Without an end of its own: the browser closes it with the page, and comes again when the line broke.
        SseEmitter emitter = new SseEmitter(0L);
        Runnable forget = () -> forget(job, emitter);
        emitter.onCompletion(forget);
        emitter.onError(failure -> forget.run());
        emitter.onTimeout(forget);
        pages.computeIfAbsent(job, key -> ConcurrentHashMap.newKeySet()).add(emitter);
        // What came between the drawing of the page and this line is told at once.
        send(job, emitter, now);
        return emitter;
    }

    void tell(Change change) {
        pages.getOrDefault(change.job(), Set.of()).forEach(emitter -> send(change.job(), emitter, change));
    }

    /** Finds out which lines are broken, and keeps the others from being closed on the way. */
    void breathe() {
        pages.forEach((job, emitters) -> emitters.forEach(
                emitter -> send(job, emitter, SseEmitter.event().comment("still here"))));
    }

    /** Lets go of every line, so that a node can end; the browsers come again elsewhere. */
    void close() {
        pages.values().forEach(emitters -> emitters.forEach(SseEmitter::complete));
    }

    private void send(long job, SseEmitter emitter, Change change) {
        send(job, emitter, SseEmitter.event().name("changed").data(change.json()));
    }

    private void send(long job, SseEmitter emitter, SseEmitter.SseEventBuilder event) {
        try {
            emitter.send(event);
        } catch (IOException | IllegalStateException gone) {
            forget(job, emitter);
        }
    }

    private void forget(long job, SseEmitter emitter) {
        pages.computeIfPresent(job, (key, emitters) -> {
            emitters.remove(emitter);
            return emitters.isEmpty() ? null : emitters;
        });
    }
}
