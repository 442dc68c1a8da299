package glowkettle.benchmarks;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A page of the same framework that asks nobody and reckons nothing: what the pages of the product are measured beside. */
@SpringBootApplication
@Controller
public class BarePage {
    private static final int BYTES_PER_LINE = 160;

    /** A line of the page: a link, and words beside it. */
    public record Line(long number, String words) {}

    public static void main(String[] arguments) {
        SpringApplication application = new SpringApplication(BarePage.class);
        application.setDefaultProperties(Map.of(
                "spring.main.banner-mode",
                "off",
                "server.address",
                "127.0.0.1",
                "server.compression.enabled",
                true,
                "spring.thymeleaf.enable-spring-el-compiler",
                true,
                "spring.web.resources.add-mappings",
                false,
                "logging.level.root",
                "warn"));
        application.run(arguments);
    }

    /** About as many bytes as are asked for. */
    @GetMapping("/")
    String page(@RequestParam(defaultValue = "20000") int bytes, Model model) {
        List<Line> lines = IntStream.rangeClosed(1, Math.max(1, bytes / BYTES_PER_LINE))
                .mapToObj(number -> new Line(number, "Ticket hall " + number * 7919 % 997))
                .toList();
        model.addAttribute("lines", lines);
        return "bare";
    }
}
