package glowkettle.benchmarks;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A job with 3 000 rounds of a watch beside one with 50, by turns: its pages, and an entry written in it. */
public final class LongJournals {
    private static final int SHORT = 900_050;
    private static final int LONG = 903_000;
    private static final int ROUNDS = 15;
    private static final double AIM_RATIO = 3;
    private static final Pattern SEQ = Pattern.compile("data-seq=\"(\\d+)\"");

    private final Visitor visitor;

    private LongJournals(Visitor visitor) {
        this.visitor = visitor;
    }

    public static void main(String[] arguments) throws Exception {
        LongJournals journals = new LongJournals(new Visitor(arguments[0]).signIn());
        for (String page : List.of("journal", "handback", "assess")) {
            journals.compare(page, job -> journals.read(job, page));
        }
        journals.compare("an entry", journals::write);
    }

    /** Something done in a job, and the milliseconds it took. */
    private interface Visit {
        double millis(int job) throws IOException, InterruptedException;
    }

    private void compare(String name, Visit visit) throws IOException, InterruptedException {
        List<Double> few = new ArrayList<>();
        List<Double> many = new ArrayList<>();
        visit.millis(SHORT);
        visit.millis(LONG);
        for (int round = 0; round < ROUNDS; round++) {
            few.add(visit.millis(SHORT));
            many.add(visit.millis(LONG));
        }
        double base = PageLoad.middle(few);
        System.out.printf(
                "%-9s with 50 rounds %6.1f ms, with 3 000 %6.1f ms: %4.2f × (aim: at most %.0f ×)%n",
                name, base, PageLoad.middle(many), PageLoad.middle(many) / base, AIM_RATIO);
    }

    private double read(int job, String page) throws IOException, InterruptedException {
        long begun = System.nanoTime();
        visitor.load("/jobs/" + job + "/" + page);
        return since(begun);
    }

    private double write(int job) throws IOException, InterruptedException {
        String page = visitor.text("/jobs/" + job + "/open");
        Matcher seq = SEQ.matcher(page);
        if (!seq.find()) {
            throw new IOException("The page of job " + job + " does not say how far it is");
        }
        String token = visitor.token("/keys");
        long begun = System.nanoTime();
        HttpResponse<String> answer = visitor.post(
                "/jobs/" + job + "/open/noted",
                Map.of(
                        "seen",
                        seq.group(1),
                        "note",
                        "Looked at again.",
                        "formId",
                        UUID.randomUUID().toString(),
                        "_csrf",
                        token));
        double took = since(begun);
        if (answer.statusCode() != 302) {
            throw new IOException("A note in job %d was answered with %d".formatted(job, answer.statusCode()));
        }
        return took;
    }

    private static double since(long begunNanos) {
        return (System.nanoTime() - begunNanos) / 1e6;
    }
}
