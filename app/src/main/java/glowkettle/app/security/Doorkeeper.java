package glowkettle.app.security;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.InputBuffer;
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
    static final int THREADS = 200;
    private static final int MOST_AT_ONCE = 160;
    private static final int MOST_OF_AN_ADDRESS = 80;

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        // After the proxies that are believed: by then an address is that of whoever asks.
        factory.addEngineValves(new Door());
    }

    private static final class Door extends ValveBase {
        private final Semaphore places = new Semaphore(MOST_AT_ONCE);
        private final Map<String, AtomicInteger> asking = new ConcurrentHashMap<>();

        Door() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            String path = request.getRequestURI();
            if (path.startsWith("/evacuate") || path.startsWith("/assets/")) {
                getNext().invoke(request, response);
                return;
            }
            String address = String.valueOf(request.getRemoteAddr());
            AtomicInteger mine = asking.computeIfAbsent(address, first -> new AtomicInteger());
            boolean within = mine.incrementAndGet() <= MOST_OF_AN_ADDRESS;
            try {
                if (within && places.tryAcquire()) {
                    try {
                        paced(request, response);
                    } finally {
                        places.release();
                    }
                } else {
                    response.setHeader("Retry-After", "1");
                    response.setHeader("Connection", "close");
                    response.setStatus(503);
                }
            } finally {
                asking.computeIfPresent(address, (key, count) -> count.decrementAndGet() == 0 ? null : count);
            }
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
}
