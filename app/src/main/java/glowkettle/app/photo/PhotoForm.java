package glowkettle.app.photo;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.Letters;
import glowkettle.app.form.FormPost;
import glowkettle.job.JobFile;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.multipart.MultipartFile;

/** A photo as a form brings it: the picture judged by its content, the step it belongs to, and what it shows. */
record PhotoForm(
        @Nullable Picture picture,
        @Nullable String step,
        @Nullable String caption,
        List<Fault> faults) {
    private static final int LONGEST_CAPTION = 200;
    private static final int LONGEST_REASON = 300;

    static PhotoForm of(JobFile job, FormPost post, @Nullable MultipartFile file, Darkroom darkroom)
            throws IOException {
        List<Fault> faults = new ArrayList<>();
        Picture picture = null;
        if (file == null || file.isEmpty()) {
            faults.add(new Fault("file", "Choose a photo, JPEG or PNG"));
        } else {
            picture = developed(file, darkroom, faults);
        }
        String caption = stripped(post.first("caption"));
        if (caption != null && !isText(caption, LONGEST_CAPTION)) {
            faults.add(new Fault("caption", "At most %s characters, all of them readable".formatted(LONGEST_CAPTION)));
        }
        return new PhotoForm(picture, knownStep(job, post.first("step")), caption, List.copyOf(faults));
    }

    private static @Nullable Picture developed(MultipartFile file, Darkroom darkroom, List<Fault> faults)
            throws IOException {
        try {
            return darkroom.develop(file);
        } catch (Picture.NotTaken notTaken) {
            faults.add(new Fault("file", String.valueOf(notTaken.getMessage())));
            return null;
        }
    }

    Photos.Sent sent(long job, UUID formId, String by) {
        return new Photos.Sent(job, Objects.requireNonNull(picture), step, caption, formId, by);
    }

    static List<Fault> reasonFaults(String reason) {
        return !reason.isBlank() && isText(reason.strip(), LONGEST_REASON)
                ? List.of()
                : List.of(
                        new Fault("reason", "Say why it is removed, in 1 to %s characters".formatted(LONGEST_REASON)));
    }

    /** A step this device does not have is no step. */
    static @Nullable String knownStep(JobFile job, @Nullable String step) {
        return step != null && job.operation(step).isPresent() ? step : null;
    }

    private static @Nullable String stripped(String text) {
        return text.isBlank() ? null : text.strip();
    }

    private static boolean isText(String text, int longest) {
        return text.length() <= longest && Letters.areKept(text);
    }
}
