package glowkettle.app;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** The application. */
@SpringBootApplication
public class GlowKettle {
    public static void main(String[] arguments) {
        SpringApplication.run(GlowKettle.class, arguments);
    }

    /** The time of this machine; a demo may be set to begin at another moment, from which it runs on. */
    @Bean
    InstantSource clock(@Value("${glow-kettle.begin-at:}") String beginAt) {
        return beginAt.isBlank()
                ? InstantSource.system()
                : Clock.offset(Clock.systemUTC(), Duration.between(Instant.now(), Instant.parse(beginAt)));
    }
}
