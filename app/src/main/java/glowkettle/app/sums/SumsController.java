package glowkettle.app.sums;

import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.Part;
import glowkettle.app.form.Named;
import glowkettle.app.form.Questions;
import glowkettle.app.format.Words;
import glowkettle.app.limits.LimitsBook;
import glowkettle.app.shop.ShopBook;
import glowkettle.finding.Result;
import glowkettle.finding.Unanswerable;
import glowkettle.job.Stage;
import glowkettle.job.order.OrderOfWork;
import glowkettle.limits.Limit;
import glowkettle.limits.ShopLimits;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.util.UriComponentsBuilder;
import tools.jackson.databind.node.ObjectNode;

/** Every calculator on a page of its own: its input in the address, so that it can be sent to somebody. */
@Controller
class SumsController {
    private static final String JOB_NUMBER = "[0-9]{1,15}";

    private final CalculatorBook calculators;
    private final LimitsBook limits;
    private final ShopBook shop;
    private final InstantSource clock;

    SumsController(CalculatorBook calculators, LimitsBook limits, ShopBook shop, InstantSource clock) {
        this.calculators = calculators;
        this.limits = limits;
        this.shop = shop;
        this.clock = clock;
    }

    /** The calculators of one stage. */
    public record StageSums(String words, List<Calculator<?, ?>> calculators) {}

    /** What was looked for among the calculators, and what was found. */
    public record SumsView(String sought, List<StageSums> stages) {}

    @GetMapping("/sums")
    String list(@RequestParam(defaultValue = "") String sought, Model model) {
        List<StageSums> found = Stream.concat(
                        OrderOfWork.CHAPTERS.stages().stream().map(Stage::path),
                        calculators.all().stream().map(Calculator::stage))
                .distinct()
                .map(stage -> new StageSums(
                        stageWords(stage),
                        calculators.all().stream()
                                .filter(calculator -> calculator.stage().equals(stage))
                                .filter(calculator -> isSought(calculator, sought))
                                .toList()))
                .filter(stage -> !stage.calculators().isEmpty())
                .toList();
        model.addAttribute("view", new SumsView(sought, found));
        return "sums/list";
    }

    /** Some work has sums before a job has a page for it. */
    private static String stageWords(String stage) {
        return OrderOfWork.CHAPTERS.stage(stage).map(Stage::words).orElseGet(() -> Named.sentence(stage));
    }

    /** By every word, in its name, what it is for, its stage or what it asks. */
    private static boolean isSought(Calculator<?, ?> calculator, String sought) {
        String text = String.join(
                        " ",
                        calculator.words(),
                        calculator.summary(),
                        stageWords(calculator.stage()),
                        String.join(
                                " ",
                                Part.of(calculator.takes()).stream()
                                        .map(Questions::label)
                                        .toList()))
                .toLowerCase(Locale.ROOT);
        return Arrays.stream(sought.toLowerCase(Locale.ROOT).split("\\s+")).allMatch(text::contains);
    }

    @GetMapping("/sums/{stage:[a-z]+}/{name:[a-z-]+}")
    String sum(
            @PathVariable String stage,
            @PathVariable String name,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Calculator<?, ?> calculator =
                calculators.find(stage, name).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        SumInput input = SumInput.of(request.getParameterMap());
        String more = request.getParameter(SumInput.MORE);
        boolean shorter = request.getParameterMap().values().stream().anyMatch(SumsController::hasBlank);
        if (shorter && more == null) {
            return "redirect:" + calculator.page() + (input.isEmpty() ? "" : "?" + input.query());
        }
        SumPage page = page(calculator, input, more);
        if (!page.faults().isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        model.addAttribute("view", page);
        return "sums/page";
    }

    private static boolean hasBlank(String[] values) {
        return Arrays.stream(values).anyMatch(String::isBlank);
    }

    /** Before anything is typed its example is answered, so that one sees what it is for. */
    private <T extends Record, R> SumPage page(Calculator<T, R> calculator, SumInput input, @Nullable String more) {
        List<Fault> faults = List.of();
        SumPage.Answered answered = null;
        SumInput example = SumInput.of(calculator.takes(), OpenApi.example(calculator), shop.zone());
        boolean untouched = input.isEmpty() && more == null;
        SumInput reckoned = untouched ? example : input;
        if (more == null) {
            Bound<T> bound = reckoned.bind(calculator.takes(), clock.instant(), shop.zone());
            faults = bound.faults();
            if (bound.isGood()) {
                try {
                    answered = answered(calculator, bound.get(), reckoned);
                } catch (Unanswerable e) {
                    faults = List.of(new Fault(e.field(), String.valueOf(e.getMessage())));
                }
            }
        }
        return new SumPage(
                calculator,
                stageWords(calculator.stage()),
                SumForm.of(calculator.takes(), input, faults, more),
                faults.stream()
                        .map(fault -> SumPage.Wrong.of(fault, calculator.takes()))
                        .toList(),
                calculator.page() + "?" + example.query(),
                untouched,
                answered);
    }

    private <T extends Record, R> SumPage.Answered answered(Calculator<T, R> calculator, T asked, SumInput input) {
        Set<Limit> looked = EnumSet.noneOf(Limit.class);
        ShopLimits newest = limits.inForce();
        Result<R> answer = calculator.rule().apply(asked, newest.noting(looked));
        ObjectNode body = AnswerJson.body(asked);
        return new SumPage.Answered(
                AnswerShown.of(answer.result(), new Words(shop.zone(), clock.instant())),
                answer.findings(),
                answer.working(),
                looked.stream()
                        .map(limit -> new SumPage.Stands(ShopLimits.spec(limit).name(), newest.applied(limit)))
                        .toList(),
                calculator.picture() == null ? null : calculator.picture().draw(asked, answer.result(), newest),
                body.toPrettyString(),
                AnswerJson.of(answer, newest.version()).toPrettyString(),
                IntoJob.of(calculator.takes(), input));
    }

    /** To the form of an entry in a job, filled in; nothing is written before it is kept there. */
    @GetMapping("/sums/put")
    String put(@RequestParam String job, @RequestParam String kind, HttpServletRequest request) {
        Stage stage = OrderOfWork.CHAPTERS
                .stageOf(kind)
                .filter(known -> job.matches(JOB_NUMBER))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        Map<String, String[]> fields = new LinkedHashMap<>(request.getParameterMap());
        fields.remove("job");
        fields.remove("kind");
        return "redirect:"
                + UriComponentsBuilder.fromPath("/jobs/{job}/{stage}")
                        .queryParam("put", "{kind}")
                        .encode()
                        .buildAndExpand(job, stage.path(), kind)
                        .toUriString()
                + "&" + new SumInput(fields).query();
    }
}
