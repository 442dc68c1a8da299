package glowkettle.app.binding;

import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the container says by itself is said in our words. */
@Configuration(proxyBeanMethods = false)
class ContainerConfiguration {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> containerErrors(ProblemWriter problems) {
        return factory -> factory.addContextCustomizers(
                context -> context.getParent().getPipeline().addValve(new ContainerErrors(problems)));
    }
}
