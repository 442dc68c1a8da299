package glowkettle.app.sums;

import glowkettle.app.binding.Fault;
import glowkettle.app.form.Questions;
import glowkettle.finding.AppliedLimit;
import glowkettle.finding.Finding;
import glowkettle.finding.Working;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A calculator as it is drawn.
 *
 * @param example the address of this sum with a whole example in it
 * @param untouched nothing was typed yet: what is answered is the example
 */
public record SumPage(
        Calculator<?, ?> calculator,
        String stageWords,
        List<SumPart> form,
        List<Wrong> faults,
        String example,
        boolean untouched,
        @Nullable Answered answered) {
    /**
     * An answer and what it stands on.
     *
     * @param asked the body that asks the same by JSON
     */
    public record Answered(
            AnswerShown shown,
            List<Finding> findings,
            Working working,
            List<Stands> limits,
            Calculator.@Nullable Drawn drawn,
            String asked,
            String json,
            List<IntoJob> into) {}

    /** What is wrong, and where, in words; the place is empty where it concerns the whole. */
    public record Wrong(String where, String what) {
        static Wrong of(Fault fault, Class<?> type) {
            return new Wrong(fault.field().isEmpty() ? "" : Questions.words(type, fault.field()), fault.message());
        }
    }

    /** A limit that was looked up. */
    public record Stands(String name, AppliedLimit limit) {}
}
