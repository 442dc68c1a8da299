package glowkettle.app.library;

import glowkettle.app.library.BenchNoteMapper.NoteRow;
import glowkettle.app.lists.ListWriter;
import glowkettle.app.shop.Shop;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.open.Opening;
import glowkettle.shop.OpeningHours;
import java.util.List;
import org.springframework.stereotype.Component;

/** What each job noted about its model. */
@Component
class BenchNoteList implements ListWriter {
    private final BenchNoteMapper rows;

    BenchNoteList(BenchNoteMapper rows) {
        this.rows = rows;
    }

    @Override
    public void write(JobFile job, OpeningHours hours) {
        List<NoteRow> notes = Opening.of(job).notes().stream()
                .map(note -> new NoteRow(job.number(), note.seq(), note.step(), note.note(), note.at(), note.by()))
                .toList();
        rows.put(Shop.ID, job.number(), Arriving.of(job).modelId(), notes);
    }
}
