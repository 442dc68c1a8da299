package glowkettle.app.security;

import java.util.Arrays;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Who may say by which address and scheme a request came: the proxies that are named by their addresses, and nobody else.
 * Behind TLS that makes cookies Secure, sends the header that keeps a browser on TLS, and keeps redirects there.
 */
@Component
class NamedProxies implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final String named;

    NamedProxies(@Value("${glow-kettle.proxies:}") String named) {
        this.named = named;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (named.isBlank()) {
            return;
        }
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies(Arrays.stream(named.split(","))
                .map(String::strip)
                .map(Pattern::quote)
                .collect(Collectors.joining("|")));
        valve.setRemoteIpHeader("X-Forwarded-For");
        valve.setProtocolHeader("X-Forwarded-Proto");
        valve.setHostHeader("X-Forwarded-Host");
        valve.setPortHeader("X-Forwarded-Port");
        factory.addEngineValves(valve);
    }
}
