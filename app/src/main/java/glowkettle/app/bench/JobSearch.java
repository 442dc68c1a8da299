package glowkettle.app.bench;

import glowkettle.app.format.LikePattern;
import glowkettle.app.shop.Shop;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Finds a job by its number, or by any words that stand on its ticket, its device or its packs. Where nothing has a word,
 * the nearest word that something has is tried, and said.
 */
@Service
class JobSearch {
    private static final Pattern NUMBER = Pattern.compile("(?:job\\s*|#)*(\\d{1,15})");
    /** What a label's code holds. */
    private static final Pattern LINK = Pattern.compile("https?://\\S+/jobs/(\\d{1,15})(?:/\\S*)?");

    private static final int MOST_WORDS = 6;
    private static final int LONGEST_WORD = 60;
    private static final int SHORT_WORD = 3;

    private final JobSearchMapper rows;

    JobSearch(JobSearchMapper rows) {
        this.rows = rows;
    }

    /**
     * @param corrected words that nothing has, and what was looked for in their place
     */
    record Found(List<BenchMapper.BenchJob> jobs, Map<String, String> corrected) {}

    /** The job that is meant beyond doubt: its code was read, or its number typed as one. */
    static Optional<Long> meant(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        Matcher link = LINK.matcher(plain);
        if (link.matches()) {
            return Optional.of(Long.valueOf(link.group(1)));
        }
        Matcher number = NUMBER.matcher(plain);
        return number.matches() && !Character.isDigit(plain.charAt(0))
                ? Optional.of(Long.valueOf(number.group(1)))
                : Optional.empty();
    }

    boolean exists(long number) {
        return rows.numbered(Shop.ID, number).isPresent();
    }

    @Transactional(readOnly = true)
    public Found find(String text, int most) {
        rows.planEachText();
        List<String> words = Arrays.stream(text.toLowerCase(Locale.ROOT).split("[\\s,;]+"))
                .filter(word -> !word.isEmpty())
                .map(word -> word.substring(0, Math.min(LONGEST_WORD, word.length())))
                .limit(MOST_WORDS)
                .toList();
        Map<Long, BenchMapper.BenchJob> found = new LinkedHashMap<>();
        Matcher number = NUMBER.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (number.matches()) {
            rows.numbered(Shop.ID, Long.parseLong(number.group(1))).ifPresent(job -> found.put(job.number(), job));
        }
        add(found, having(words, most));
        Map<String, String> corrected = new LinkedHashMap<>();
        if (found.isEmpty() && !words.isEmpty()) {
            List<String> nearer =
                    words.stream().map(word -> nearer(word, corrected)).toList();
            if (!corrected.isEmpty()) {
                add(found, having(nearer, most));
            }
        }
        return new Found(found.values().stream().limit(most).toList(), found.isEmpty() ? Map.of() : corrected);
    }

    private static void add(Map<Long, BenchMapper.BenchJob> found, List<BenchMapper.BenchJob> jobs) {
        jobs.forEach(job -> found.putIfAbsent(job.number(), job));
    }

    /** Two letters are in so many jobs that only the open ones are looked through. */
    private List<BenchMapper.BenchJob> having(List<String> words, int most) {
        boolean onlyShort = words.stream().allMatch(word -> word.length() < SHORT_WORD);
        return words.isEmpty()
                ? List.of()
                : rows.having(
                        Shop.ID, words.stream().map(LikePattern::containing).toList(), onlyShort, most);
    }

    private String nearer(String word, Map<String, String> corrected) {
        if (word.length() < SHORT_WORD || rows.isKnown(Shop.ID, LikePattern.containing(word))) {
            return word;
        }
        Optional<String> nearest = likeness(word).stream()
                .flatMap(likeness -> {
                    rows.lookAtWordsAlike(likeness);
                    return rows.nearest(Shop.ID, word, strokes(word)).stream();
                })
                .findFirst();
        nearest.ifPresent(known -> corrected.put(word, known));
        return nearest.orElse(word);
    }

    /**
     * Two letters swapped in a word of six leave it a quarter alike. Serials are all alike by their first letters, so that
     * the nearer ones are tried alone before the others.
     */
    private static List<String> likeness(String word) {
        return word.chars().anyMatch(Character::isDigit) ? List.of("0.4", "0.25") : List.of("0.2");
    }

    /** Two letters in the wrong order are two strokes. */
    private static int strokes(String word) {
        return word.length() <= 4 ? 1 : word.length() <= 7 ? 2 : 3;
    }
}
