package glowkettle.app.photo;

import glowkettle.app.binding.Fault;
import glowkettle.app.binding.Forms;
import glowkettle.app.journal.JournalBook;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import glowkettle.job.photo.JobPhotos;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;

/** The page of a telephone that was let in by a code: photos for one job, and nothing else. */
@Controller
class PhoneController {
    private static final String PAGE = "/phone/{secret:[A-Za-z0-9_-]{20,64}}";

    private final Photos photos;
    private final JournalBook journal;
    private final Darkroom darkroom;

    PhoneController(Photos photos, JournalBook journal, Darkroom darkroom) {
        this.photos = photos;
        this.journal = journal;
        this.darkroom = darkroom;
    }

    @GetMapping(PAGE)
    String page(@PathVariable String secret, @RequestParam(required = false) @Nullable String kept, Model model) {
        return draw(pass(secret), kept != null, List.of(), model);
    }

    @PostMapping(PAGE)
    String take(
            @PathVariable String secret,
            @RequestParam(required = false) @Nullable MultipartFile file,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model)
            throws IOException {
        PhotoMapper.PassRow pass = pass(secret);
        PhotoForm typed = PhotoForm.of(journal.file(pass.job()), request, file, darkroom);
        PhotoForm form = new PhotoForm(typed.picture(), pass.step(), typed.caption(), typed.faults());
        List<Fault> faults = form.faults().isEmpty()
                ? PhotoController.refused(
                        photos.take(form.sent(pass.job(), Forms.id(request), pass.by()), Role.TRAINEE))
                : form.faults();
        if (faults.isEmpty()) {
            return "redirect:/phone/" + secret + "?kept";
        }
        response.setStatus(422);
        return draw(pass, false, faults, model);
    }

    private String draw(PhotoMapper.PassRow pass, boolean kept, List<Fault> faults, Model model) {
        JobFile job = journal.file(pass.job());
        model.addAttribute("pass", pass);
        model.addAttribute("device", job.model().name());
        model.addAttribute(
                "step", pass.step() == null ? null : job.operation(pass.step()).orElse(null));
        model.addAttribute("count", JobPhotos.of(job).photos().size());
        model.addAttribute("kept", kept);
        model.addAttribute("faults", faults);
        return "photo/phone";
    }

    private PhotoMapper.PassRow pass(String secret) {
        return photos.pass(secret).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
