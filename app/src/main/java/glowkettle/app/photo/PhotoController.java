package glowkettle.app.photo;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FilledForm;
import glowkettle.app.desk.JobPages;
import glowkettle.app.desk.Onward;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.Taken;
import glowkettle.app.format.QrCode;
import glowkettle.app.journal.Appended;
import glowkettle.app.journal.JobReader;
import glowkettle.app.request.Address;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.ArriveChapter;
import glowkettle.job.open.OpenChapter;
import glowkettle.job.photo.PhotoEntry;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;

/** Photos of a job: sent from this device or from a telephone, shown, and removed. */
@Controller
class PhotoController {
    static final String KIND = "photo-taken";
    private static final String PAGE = "/jobs/{number:[0-9]{1,15}}/{path:arrive|open}/photos";

    private final Photos photos;
    private final JobReader jobs;
    private final Darkroom darkroom;
    private final JobPages pages;
    private final Address address;

    PhotoController(Photos photos, JobReader jobs, Darkroom darkroom, JobPages pages, Address address) {
        this.photos = photos;
        this.jobs = jobs;
        this.darkroom = darkroom;
        this.pages = pages;
        this.address = address;
    }

    @PostMapping(PAGE)
    String take(
            @PathVariable long number,
            @PathVariable String path,
            @RequestParam(required = false) @Nullable MultipartFile file,
            FormPost post,
            Model model)
            throws IOException {
        PhotoForm form = PhotoForm.of(jobs.file(number), post, file, darkroom);
        Taken taken = form.faults().isEmpty()
                ? onward(photos.take(form.sent(number, post.id(), post.by()), post.role()), number, path)
                : new Taken.Refused(form.faults());
        return post.answer(KIND, taken, filled -> again(number, path, filled, model));
    }

    @PostMapping(PAGE + "/{id:[0-9a-f-]{36}}/removed")
    String remove(
            @PathVariable long number, @PathVariable String path, @PathVariable String id, FormPost post, Model model) {
        String reason = post.first("reason");
        List<Fault> faults = PhotoForm.reasonFaults(reason);
        Taken taken = faults.isEmpty()
                ? onward(
                        photos.remove(
                                number,
                                new PhotoEntry.PhotoRemoved(id, reason.strip()),
                                post.id(),
                                post.by(),
                                post.role()),
                        number,
                        path)
                : new Taken.Refused(faults);
        return post.answer("photo-removed", taken, filled -> again(number, path, filled, model));
    }

    private static Taken onward(Appended appended, long number, String path) {
        return Onward.of(appended, job -> "/jobs/%s/%s#photos".formatted(number, path));
    }

    @GetMapping("/photos/{id}")
    ResponseEntity<byte[]> photo(@PathVariable String id) {
        PhotoMapper.PhotoRow photo =
                photos.photo(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(photo.type()))
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(10)).cachePrivate())
                .header("X-Content-Type-Options", "nosniff")
                .body(photo.picture());
    }

    /** The code that opens a page for photos on a telephone, until a moment. */
    public record CodeView(JobFile job, String path, String link, Instant until, QrCode code) {
        /** The address means the machine it is opened on, and a telephone is another one. */
        public boolean unreachable() {
            return link.matches("https?://(127\\.|localhost|\\[::1])\\S*");
        }
    }

    /** A code for the telephone that is to take the photos. */
    @PostMapping(PAGE + "/phone")
    String phone(
            @PathVariable long number,
            @PathVariable String path,
            @RequestParam(required = false) @Nullable String step,
            FormPost post,
            HttpServletRequest request,
            Model model) {
        JobFile job = jobs.file(number);
        PhotoMapper.PassRow pass = photos.pass(
                number,
                PhotoForm.knownStep(job, step),
                post.by(),
                request.getSession().getId());
        String link = address.of(request) + "/phone/" + pass.secret();
        model.addAttribute("view", new CodeView(job, path, link, pass.until(), QrCode.of(link)));
        return "photo/code";
    }

    private String again(long number, String path, FilledForm filled, Model model) {
        return pages.draw(number, path.equals("open") ? OpenChapter.STAGE : ArriveChapter.STAGE, filled, null, model);
    }
}
