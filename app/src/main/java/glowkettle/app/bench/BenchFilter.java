package glowkettle.app.bench;

import glowkettle.assess.Tier;
import glowkettle.job.Phrases;
import glowkettle.job.order.OrderOfWork;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import org.springframework.util.StringUtils;

/**
 * Which of the open jobs can be chosen, and which are.
 *
 * @param openCount jobs at the stage and under the tier that are chosen
 */
public record BenchFilter(
        List<Option> stages, List<Option> tiers, List<Option> places, Option mine, int openCount, boolean chosen) {
    /** A choice, with so many open jobs. */
    public record Option(String value, String words, int jobs, boolean chosen) {
        public boolean isShown() {
            return jobs > 0 || chosen;
        }

        /** Tapped again, it is not chosen any more. */
        public String asks() {
            return chosen ? "" : value;
        }
    }

    /** Where something was looked for, nothing is chosen. */
    static BenchFilter none() {
        return new BenchFilter(List.of(), List.of(), List.of(), new Option("mine", "Mine", 0, false), 0, false);
    }

    static BenchFilter of(
            List<BenchMapper.Count> counts, List<BenchMapper.PlaceCount> places, int mine, BenchChoice choice) {
        List<Option> stages = OrderOfWork.CHAPTERS.stages().stream()
                .map(stage -> new Option(
                        stage.path(),
                        stage.words(),
                        jobs(counts, count -> count.stage().equals(stage.path())),
                        stage.path().equals(choice.stage())))
                .filter(Option::isShown)
                .toList();
        List<Option> tiers = Arrays.stream(Tier.values())
                .map(tier -> new Option(
                        tier.name(),
                        StringUtils.capitalize(Phrases.lower(tier)),
                        jobs(counts, count -> count.tier() == tier),
                        tier == choice.tier()))
                .filter(Option::isShown)
                .toList();
        return new BenchFilter(
                stages,
                tiers,
                places.stream()
                        .map(place -> new Option(
                                place.place(),
                                StringUtils.capitalize(place.words()),
                                place.jobs(),
                                place.place().equals(choice.place())))
                        .toList(),
                new Option("mine", "Mine", mine, choice.mine()),
                jobs(counts, choice::takes),
                !choice.isAll());
    }

    /** Something of a job lies there now. */
    public boolean isAtAPlace() {
        return places.stream().anyMatch(Option::chosen);
    }

    private static int jobs(List<BenchMapper.Count> counts, Predicate<BenchMapper.Count> which) {
        return counts.stream().filter(which).mapToInt(BenchMapper.Count::jobs).sum();
    }
}
