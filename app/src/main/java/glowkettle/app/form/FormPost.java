package glowkettle.app.form;

import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.binding.FormTree;
import glowkettle.app.binding.Forms;
import glowkettle.app.format.Words;
import glowkettle.job.Recorded;
import glowkettle.job.Role;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/**
 * A form as it was sent, for a handler to ask for: it is read into its record, and then either written, and the browser goes
 * on, or drawn again filled in as it was, with what is wrong. Nothing of a form that is not taken is stored.
 */
public final class FormPost {
    private final HttpServletRequest request;
    private final HttpServletResponse response;
    private final Map<String, String[]> typed;
    private final ZoneId zone;
    private final Instant now;

    FormPost(HttpServletRequest request, HttpServletResponse response, ZoneId zone, Instant now) {
        this.request = request;
        this.response = response;
        this.typed = Forms.typed(request);
        this.zone = zone;
        this.now = now;
    }

    /** The form's own id; sending one form twice stores nothing twice. */
    public UUID id() {
        return Forms.id(request);
    }

    public String by() {
        return Forms.by(request);
    }

    public Role role() {
        return Roles.of(request);
    }

    /** What was typed; what the product knows better may be put in before it is read. */
    public Map<String, String[]> typed() {
        return typed;
    }

    /** The first value of a field, empty when there is none. */
    public String first(String field) {
        String[] values = typed.get(field);
        return values == null || values.length == 0 ? "" : values[0];
    }

    /** A number that the form carries along, such as that of the entry it corrects. */
    public @Nullable Long number(String field) {
        return first(field).matches("[0-9]{1,15}") ? Long.valueOf(first(field)) : null;
    }

    /** Its record; moments are typed as people say them, and a temperature that lost its point is asked for once more. */
    public <R> Bound<R> read(Class<R> type) {
        Bound<R> bound = Binder.form(type, FormTree.of(TypedMoment.iso(type, typed, now, zone)), zone);
        List<Fault> doubtful = AsTyped.doubts(typed);
        return bound.isGood() && !doubtful.isEmpty() ? new Bound<>(null, doubtful) : bound;
    }

    /**
     * @param form its name, by which its page fills it in again
     * @param write what it says, once it can be read
     * @param page draws it again
     */
    public <R extends Record> String answer(
            String form, Class<R> type, Function<R, Taken> write, Function<FilledForm, String> page) {
        return answer(form, type, List.of(), write, page);
    }

    /** @param beside what is wrong with fields that the record does not have */
    public <R extends Record> String answer(
            String form,
            Class<R> type,
            List<Fault> beside,
            Function<R, Taken> write,
            Function<FilledForm, String> page) {
        return answer(form, read(type), beside, write, page);
    }

    /** @param goesOn what answers once it is taken, from the address it goes on to */
    public <R extends Record> String answer(
            String form,
            Class<R> type,
            Function<R, Taken> write,
            Function<FilledForm, String> page,
            Function<String, String> goesOn) {
        return answer(form, taken(read(type), List.of(), write), page, goesOn);
    }

    /** @param bound the record as it was read, for who looked into it already */
    public <R extends Record> String answer(
            String form,
            Bound<R> bound,
            List<Fault> beside,
            Function<R, Taken> write,
            Function<FilledForm, String> page) {
        return answer(form, taken(bound, beside, write), page);
    }

    private static <R extends Record> Taken taken(Bound<R> bound, List<Fault> beside, Function<R, Taken> write) {
        List<Fault> faults =
                Stream.concat(bound.faults().stream(), beside.stream()).toList();
        return faults.isEmpty() ? write.apply(bound.get()) : new Taken.Refused(faults);
    }

    public String answer(String form, Taken taken, Function<FilledForm, String> page) {
        return answer(form, taken, page, FormPost::redirect);
    }

    public static String redirect(String to) {
        return "redirect:" + to;
    }

    /** Our own script sent it: it is told the address of what it is answered with, and asks for nothing twice. */
    public boolean isByScript() {
        return "true".equals(request.getHeader("HX-Request"));
    }

    /** The answer stands at this address, which the browser then shows; a page drawn anew is no other page to go back from. */
    public void standsAt(String address) {
        String shown = Objects.requireNonNullElse(request.getHeader("HX-Current-URL"), "");
        boolean same = shown.split("[?#]", 2)[0].endsWith(address);
        response.setHeader("HX-Push-Url", same ? "false" : address);
    }

    private String answer(
            String form, Taken taken, Function<FilledForm, String> page, Function<String, String> goesOn) {
        return switch (taken) {
            case Taken.On on -> goesOn.apply(on.to());
            case Taken.Refused refused ->
                again(form, refused.faults(), List.of(), HttpStatus.UNPROCESSABLE_CONTENT, page);
            case Taken.Stale stale -> again(form, stale.faults(), stale.between(), HttpStatus.CONFLICT, page);
        };
    }

    private String again(
            String form,
            List<Fault> faults,
            List<Recorded> between,
            HttpStatus status,
            Function<FilledForm, String> page) {
        response.setStatus(status.value());
        // A password is the one thing that does not come back with its form.
        typed.remove("password");
        Words words = new Words(zone, now);
        List<Fault> said = faults.stream()
                .map(fault -> new Fault(fault.field(), words.moments(fault.message())))
                .toList();
        return page.apply(new FilledForm(form, typed, said, between));
    }
}
