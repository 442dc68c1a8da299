package glowkettle.app.photo;

import glowkettle.app.binding.Attempt;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.Forms;
import glowkettle.app.desk.JobPages;
import glowkettle.app.form.Roles;
import glowkettle.app.format.QrCode;
import glowkettle.app.journal.Appended;
import glowkettle.app.journal.JournalBook;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.ArriveChapter;
import glowkettle.job.open.OpenChapter;
import glowkettle.job.photo.PhotoEntry;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
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
    private static final String KIND = "photo-taken";
    private static final String PAGE = "/jobs/{number:[0-9]{1,15}}/{path:arrive|open}/photos";

    private final Photos photos;
    private final JournalBook journal;
    private final Darkroom darkroom;
    private final JobPages pages;
    private final Address address;

    PhotoController(Photos photos, JournalBook journal, Darkroom darkroom, JobPages pages, Address address) {
        this.photos = photos;
        this.journal = journal;
        this.darkroom = darkroom;
        this.pages = pages;
        this.address = address;
    }

    @PostMapping(PAGE)
    String take(
            @PathVariable long number,
            @PathVariable String path,
            @RequestParam(required = false) @Nullable MultipartFile file,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model)
            throws IOException {
        PhotoForm form = PhotoForm.of(journal.file(number), request, file, darkroom);
        List<Fault> faults = form.faults();
        if (faults.isEmpty()) {
            Appended appended = photos.take(form.sent(number, Forms.id(request), Forms.by(request)), Roles.of(request));
            faults = refused(appended);
        }
        return faults.isEmpty()
                ? "redirect:/jobs/%s/%s#photos".formatted(number, path)
                : again(number, path, new Attempt(KIND, Forms.typed(request), faults, List.of()), response, model);
    }

    @PostMapping(PAGE + "/{id:[0-9a-f-]{36}}/removed")
    String remove(
            @PathVariable long number,
            @PathVariable String path,
            @PathVariable String id,
            @RequestParam String reason,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        List<Fault> faults = PhotoForm.reasonFaults(reason);
        if (faults.isEmpty()) {
            faults = refused(photos.remove(
                    number,
                    new PhotoEntry.PhotoRemoved(id, reason.strip()),
                    Forms.id(request),
                    Forms.by(request),
                    Roles.of(request)));
        }
        return faults.isEmpty()
                ? "redirect:/jobs/%s/%s#photos".formatted(number, path)
                : again(
                        number,
                        path,
                        new Attempt("photo-removed", Forms.typed(request), faults, List.of()),
                        response,
                        model);
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

    /** A code for the telephone that is to take the photos. */
    @PostMapping(PAGE + "/phone")
    String phone(
            @PathVariable long number,
            @PathVariable String path,
            @RequestParam(required = false) @Nullable String step,
            HttpServletRequest request,
            Model model) {
        JobFile job = journal.file(number);
        PhotoMapper.PassRow pass = photos.pass(
                number,
                PhotoForm.knownStep(job, step),
                Forms.by(request),
                request.getSession().getId());
        String link = address.of(request) + "/phone/" + pass.secret();
        model.addAttribute("job", job);
        model.addAttribute("path", path);
        model.addAttribute("link", link);
        model.addAttribute("unreachable", link.matches("https?://(127\\.|localhost|\\[::1])\\S*"));
        model.addAttribute("until", pass.until());
        model.addAttribute("code", QrCode.of(link));
        return "photo/code";
    }

    static List<Fault> refused(Appended appended) {
        return appended instanceof Appended.Refused refused
                ? List.of(new Fault("", refused.refusal().reason()))
                : List.of();
    }

    private String again(long number, String path, Attempt attempt, HttpServletResponse response, Model model) {
        response.setStatus(422);
        return pages.draw(number, path.equals("open") ? OpenChapter.STAGE : ArriveChapter.STAGE, attempt, null, model);
    }
}
