package glowkettle.app;

import java.time.InstantSource;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** The application. */
@SpringBootApplication
public class GlowKettle {
    public static void main(String[] arguments) {
        SpringApplication.run(GlowKettle.class, arguments);
    }

    @Bean
    InstantSource clock() {
        return InstantSource.system();
    }
}
