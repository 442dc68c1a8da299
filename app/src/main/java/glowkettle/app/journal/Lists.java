package glowkettle.app.journal;

import glowkettle.app.lists.ListWriter;
import glowkettle.app.shop.ShopBook;
import glowkettle.job.JobFile;
import glowkettle.shop.OpeningHours;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Every list that shows something of a job. */
@Component
class Lists {
    private final List<ListWriter> writers;
    private final ShopBook shop;

    Lists(List<ListWriter> writers, ShopBook shop) {
        this.writers = writers;
        this.shop = shop;
    }

    /** @param job as it stood when its newest entry was made */
    void write(JobFile job) {
        OpeningHours hours = shop.hours();
        writers.forEach(writer -> writer.write(job, hours));
    }

    Stream<Long> byTheClock() {
        return writers.stream()
                .flatMap(writer -> writer.byTheClock().stream())
                .distinct()
                .sorted();
    }

    void forgetStrays() {
        writers.forEach(ListWriter::forgetStrays);
    }
}
