package glowkettle.job.order;

import glowkettle.job.Chapters;
import glowkettle.job.JournalChapter;
import glowkettle.job.arrive.ArriveChapter;
import glowkettle.job.assess.AssessChapter;
import glowkettle.job.calibrate.CalibrateChapter;
import glowkettle.job.fit.FitChapter;
import glowkettle.job.free.FreeChapter;
import glowkettle.job.handback.HandBackChapter;
import glowkettle.job.isolation.IsolationChapter;
import glowkettle.job.join.JoinChapter;
import glowkettle.job.match.MatchChapter;
import glowkettle.job.open.OpenChapter;
import glowkettle.job.photo.PhotoChapter;
import glowkettle.job.prove.ProveChapter;
import glowkettle.job.wayback.WayBackChapter;
import java.util.List;

/** The one place where a stage is listed. */
public final class OrderOfWork {
    public static final Chapters CHAPTERS = new Chapters(List.of(
            new JournalChapter(),
            new ArriveChapter(),
            new PhotoChapter(),
            new AssessChapter(),
            new OpenChapter(),
            new FreeChapter(),
            new IsolationChapter(),
            new MatchChapter(),
            new FitChapter(),
            new JoinChapter(),
            new WayBackChapter(),
            new ProveChapter(),
            new CalibrateChapter(),
            new HandBackChapter()));

    private OrderOfWork() {}
}
