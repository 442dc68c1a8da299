package glowkettle.app.photo;

import glowkettle.app.binding.Fault;
import glowkettle.app.desk.Onward;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.Taken;
import glowkettle.app.journal.JobReader;
import glowkettle.job.JobFile;
import glowkettle.job.Role;
import glowkettle.job.photo.JobPhotos;
import glowkettle.library.Operation;
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
    private final JobReader jobs;
    private final Darkroom darkroom;

    PhoneController(Photos photos, JobReader jobs, Darkroom darkroom) {
        this.photos = photos;
        this.jobs = jobs;
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
            FormPost post,
            Model model)
            throws IOException {
        PhotoMapper.PassRow pass = pass(secret);
        PhotoForm typed = PhotoForm.of(jobs.file(pass.job()), post, file, darkroom);
        PhotoForm form = new PhotoForm(typed.picture(), pass.step(), typed.caption(), typed.faults());
        Taken taken = form.faults().isEmpty()
                ? Onward.of(
                        photos.take(form.sent(pass.job(), post.id(), pass.by()), Role.TRAINEE),
                        job -> "/phone/" + secret + "?kept")
                : new Taken.Refused(form.faults());
        return post.answer(PhotoController.KIND, taken, filled -> draw(pass, false, filled.faults(), model));
    }

    /** What a telephone sees of a job: the device and the step, and nothing of its owner. */
    public record PhoneView(
            PhotoMapper.PassRow pass,
            String device,
            @Nullable Operation step,
            int count,
            boolean kept,
            List<Fault> faults) {}

    private String draw(PhotoMapper.PassRow pass, boolean kept, List<Fault> faults, Model model) {
        JobFile job = jobs.file(pass.job());
        model.addAttribute(
                "view",
                new PhoneView(
                        pass,
                        job.model().identity().name(),
                        pass.step() == null ? null : job.operation(pass.step()).orElse(null),
                        JobPhotos.of(job).photos().size(),
                        kept,
                        faults));
        return "photo/phone";
    }

    private PhotoMapper.PassRow pass(String secret) {
        return photos.pass(secret).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
