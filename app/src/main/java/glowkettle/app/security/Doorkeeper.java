package glowkettle.app.security;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.apache.coyote.InputBuffer;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Keeps a way for the evacuation card that nothing else fills: whatever else is asked for shares fewer threads than there
 * are, from one address fewer still, and a body that only drips in is cut off.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class Doorkeeper implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    /** Of all threads; the others are the card's. */
    private static final double MOST_AT_ONCE = 0.9;

    private static final double MOST_OF_AN_ADDRESS = 0.75;
    /** What sends something holds its thread for as long as it likes to. */
    private static final double MOST_SENDING_OF_AN_ADDRESS = 0.2;

    private static final Set<String> BODILESS = Set.of("GET", "HEAD", "OPTIONS");

    private final int threads;

    Doorkeeper(@Value("${server.tomcat.threads.max}") int threads) {
        this.threads = threads;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        // After the proxies that are believed: by then an address is that of whoever asks.
        factory.addEngineValves(new Door(threads));
    }

    private static final class Door extends ValveBase {
        private final Semaphore places;
        private final Addresses asking;
        private final Addresses sending;

        Door(int threads) {
            super(true);
            places = new Semaphore((int) (threads * MOST_AT_ONCE));
            asking = new Addresses((int) (threads * MOST_OF_AN_ADDRESS));
            sending = new Addresses((int) (threads * MOST_SENDING_OF_AN_ADDRESS));
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            String path = request.getRequestURI();
            if (path.startsWith("/evacuate") || path.startsWith("/assets/")) {
                getNext().invoke(request, response);
                return;
            }
            String address = String.valueOf(request.getRemoteAddr());
            boolean sends = request.getContentLengthLong() != 0 && !BODILESS.contains(request.getMethod());
            Addresses counted = sends ? sending : asking;
            boolean within = counted.comes(address);
            try {
                if (within && places.tryAcquire()) {
                    try {
                        paced(request, response);
                    } finally {
                        places.release();
                    }
                } else {
                    sendAway(request, response);
                }
            } finally {
                counted.leaves(address);
            }
        }

        /** At once: whoever waited for the rest of its body would be held by it after all. */
        private static void sendAway(Request request, Response response) throws IOException {
            response.setHeader("Retry-After", "1");
            response.setHeader("Connection", "close");
            response.setStatus(503);
            response.flushBuffer();
            request.getCoyoteRequest().action(ActionCode.CLOSE_NOW, null);
        }

        private void paced(Request request, Response response) throws IOException, ServletException {
            org.apache.coyote.Request coyote = request.getCoyoteRequest();
            InputBuffer body = coyote.getInputBuffer();
            if (body == null) {
                getNext().invoke(request, response);
                return;
            }
            coyote.setInputBuffer(new PacedBody(body, coyote));
            try {
                getNext().invoke(request, response);
            } finally {
                coyote.setInputBuffer(body);
            }
        }
    }

    /** How many come from each address. */
    private static final class Addresses {
        private final Map<String, AtomicInteger> here = new ConcurrentHashMap<>();
        private final int most;

        Addresses(int most) {
            this.most = most;
        }

        boolean comes(String address) {
            AtomicInteger counted = here.compute(address, (key, known) -> {
                AtomicInteger count = known == null ? new AtomicInteger() : known;
                count.incrementAndGet();
                return count;
            });
            return counted.get() <= most;
        }

        void leaves(String address) {
            here.computeIfPresent(address, (key, count) -> count.decrementAndGet() == 0 ? null : count);
        }
    }
}
