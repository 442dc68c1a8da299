package glowkettle.app.desk;

import glowkettle.app.binding.Fault;
import glowkettle.app.form.Questions;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.Stage;
import glowkettle.job.Traits;
import glowkettle.job.order.OrderOfWork;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A journal in words. */
public record EntryWords(
        long seq,
        Instant at,
        String by,
        String what,
        Stage stage,
        boolean replaced,
        Mends mends,
        @Nullable Long corrects) {
    /** What can still be done about it. */
    public enum Mends {
        NOTHING,
        TAKING_BACK,
        TYPING_ANEW;

        private static Mends of(Recorded recorded, JobFile job) {
            if (!job.chapters().firmness(recorded.entry()).isTakeable()) {
                return NOTHING;
            }
            return job.chapters().of(recorded.entry()).traits().mended() == Traits.Mended.TYPED_ANEW
                    ? TYPING_ANEW
                    : TAKING_BACK;
        }
    }

    /** What templates ask for words. */
    public enum Speaker {
        INSTANCE;

        public String of(Recorded recorded, JobFile job) {
            return job.chapters().words(recorded.entry(), job);
        }

        /** What is wrong with a field of an entry, behind the words beside it where it does not say them itself. */
        public String fault(String kind, Fault fault) {
            String field = OrderOfWork.CHAPTERS
                    .kind(kind)
                    .map(known -> Questions.words(known.type(), fault.field()))
                    .orElse("");
            return field.isEmpty() || fault.message().contains(field)
                    ? fault.message()
                    : field + ": " + fault.message();
        }
    }

    static List<EntryWords> list(List<Recorded> journal, JobFile job, @Nullable Long before, int most) {
        Set<Long> replaced = journal.stream()
                .map(Recorded::corrects)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        return journal.reversed().stream()
                .filter(recorded -> before == null || recorded.seq() < before)
                .limit(most)
                .map(recorded -> new EntryWords(
                        recorded.seq(),
                        recorded.at(),
                        recorded.by(),
                        job.chapters().words(recorded.entry(), job),
                        job.chapters().page(recorded.entry()),
                        replaced.contains(recorded.seq()),
                        Mends.of(recorded, job),
                        recorded.corrects()))
                .toList();
    }
}
