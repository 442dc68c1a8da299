package glowkettle.fit;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.cell.Body;
import glowkettle.cell.Box;
import glowkettle.cell.Calipered;
import glowkettle.finding.Result;
import glowkettle.library.PackData;
import glowkettle.library.Ratings;
import glowkettle.limits.ShopLimits;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Labels, codes, sizes and whole packs with everything that is said of them, as it was read line by line by somebody who
 * knows: {@code as-judged.txt} has a question, then what is answered, found and reckoned.
 */
class AsJudgedTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static final PackData DEVICE = PackComparisonTest.device();
    private static final PackData TEN_IN_SERIES = new PackData(
            new Ratings(figure("36"), figure("4.2"), figure("10"), figure("4000")),
            DEVICE.size(),
            DEVICE.bay(),
            DEVICE.connector(),
            DEVICE.inDevice(),
            Body.CASED_ROUND,
            figure("10"),
            PackData.Marks.NONE);

    private static BigDecimal figure(String text) {
        return new BigDecimal(text);
    }

    static Stream<Arguments> questions() {
        try (var file = AsJudgedTest.class.getResourceAsStream("as-judged.txt")) {
            String text = new String(file.readAllBytes(), StandardCharsets.UTF_8);
            return Arrays.stream(text.split("\n\n")).map(block -> {
                String[] parts = block.strip().split("\n", 2);
                return Arguments.of(parts[0], parts.length > 1 ? parts[1] : "");
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("questions")
    void everythingThatIsSaidIsAsItWasRead(String question, String answer) {
        String[] words = question.split(" +");
        assertThat(told(judged(words[0], new Words(words)))).isEqualTo(answer);
    }

    /** {@code name=value}; what is not there is null. */
    private record Words(String[] words) {
        @Nullable
        String text(String name) {
            return Arrays.stream(words)
                    .filter(word -> word.startsWith(name + "="))
                    .map(word -> word.substring(name.length() + 1))
                    .findFirst()
                    .orElse(null);
        }

        @Nullable
        BigDecimal number(String name) {
            String text = text(name);
            return text == null ? null : figure(text);
        }

        @Nullable
        Boolean truth(String name) {
            String text = text(name);
            return text == null ? null : Boolean.valueOf(text);
        }

        Calipered size() {
            return new Calipered(number("t"), number("w"), number("l"));
        }

        @Nullable
        Body body() {
            String text = text("body");
            return text == null ? null : Body.valueOf(text);
        }
    }

    private static Result<?> judged(String sum, Words asked) {
        return switch (sum) {
            case "voltage" ->
                PackVoltage.read(new PackVoltage.Label(asked.number("nominal"), asked.number("charge")), LIMITS);
            case "code" -> SizeCode.readings(new SizeCode.Request(asked.text("code"), asked.size()), LIMITS);
            case "room" ->
                GrowthRoom.judge(
                        new GrowthRoom.Sizes(
                                new Box(asked.number("t"), asked.number("w"), asked.number("l")),
                                new Box(figure("6.4"), figure("94"), figure("270"))),
                        LIMITS);
            case "honesty" ->
                Honesty.judge(
                        new Honesty.Claim(
                                asked.number("nominal"),
                                asked.number("mah"),
                                asked.body(),
                                asked.number("cells"),
                                new Honesty.Outer(asked.number("t"), asked.number("w"), asked.number("l")),
                                asked.text("round") == null ? null : Honesty.RoundSize.valueOf(asked.text("round")),
                                asked.number("cellMl"),
                                asked.number("mass")),
                        LIMITS);
            case "pack", "tenpack" ->
                PackComparison.compare(
                        new PackComparison.Request(
                                sum.equals("pack") ? DEVICE : TEN_IN_SERIES,
                                new PackLabel(
                                        new PackLabel.Printed(
                                                asked.number("nominal"),
                                                asked.number("charge"),
                                                asked.number("mah"),
                                                asked.number("wh"),
                                                asked.text("code"),
                                                null),
                                        asked.size(),
                                        asked.number("mass"),
                                        asked.body(),
                                        asked.number("cells"),
                                        asked.truth("same")),
                                asked.truth("soldered")),
                        LIMITS);
            default -> throw new IllegalArgumentException(sum);
        };
    }

    private static String told(Result<?> judged) {
        List<String> lines = new ArrayList<>();
        if (judged.result() instanceof PackComparison.Comparison compared) {
            lines.add("= " + compared.verdict() + ", usable " + compared.usableSharePercent() + ", "
                    + compared.honesty());
            compared.lines()
                    .forEach(line -> lines.add("- %s %s: %s / %s: %s"
                            .formatted(line.verdict(), line.name(), line.takes(), line.offers(), line.sentence())));
        } else {
            lines.add("= " + judged.result());
        }
        judged.findings()
                .forEach(found -> lines.add("! %s %s: %s".formatted(found.weight(), found.rule(), found.sentence())));
        judged.working().lines().forEach(line -> lines.add("~ " + line));
        return String.join("\n", lines).replace("\u00a0", " ");
    }
}
