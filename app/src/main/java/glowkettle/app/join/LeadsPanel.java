package glowkettle.app.join;

import glowkettle.finding.Result;
import glowkettle.job.Admission;
import glowkettle.job.JobFile;
import glowkettle.job.join.JoinEntry;
import glowkettle.job.join.Joining;
import glowkettle.join.LeadFinder;
import glowkettle.join.Splices;
import glowkettle.join.WireSize;
import glowkettle.library.Lead;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The leads of a new pack: what they may be, where the probes go, and how far each joint is.
 *
 * @param finder null until the leads were listed
 * @param wanted where the probes go now; null when nothing is to be measured
 * @param refusedNow why the joint at hand may not be soldered now
 */
public record LeadsPanel(
        JobFile job,
        @Nullable Result<LeadFinder> finder,
        @Nullable LeadsDrawing drawing,
        LeadFinder.@Nullable Measurement wanted,
        List<Joint> joints,
        @Nullable String refusedNow) {
    /** A lead that is joined to a pad. */
    public record Joint(LeadFinder.Joined lead, Joining.Phase phase, boolean due) {
        public String pad() {
            return String.valueOf(lead.pad());
        }

        /** By its colour, which hands look for, and its letter. */
        public String words() {
            return lead.colour() == null ? lead.id() : lead.colour() + " (" + lead.id() + ")";
        }
    }

    static LeadsPanel of(JobFile job, Instant now) {
        Joining joining = Joining.of(job);
        Optional<String> due = joining.atHand().map(lead -> String.valueOf(lead.pad()));
        List<Joint> joints = joining.inOrder().stream()
                .map(lead -> new Joint(
                        lead,
                        joining.phase(String.valueOf(lead.pad())),
                        due.filter(pad -> pad.equals(lead.pad())).isPresent()))
                .toList();
        LeadFinder.Measurement wanted = joining.wanted().orElse(null);
        return new LeadsPanel(
                job,
                joining.finder().orElse(null),
                joining.question()
                        .map(question -> LeadsDrawing.of(
                                question, joining.finder().orElseThrow().result(), wanted, due.orElse(null)))
                        .orElse(null),
                wanted,
                joints,
                due.filter(pad -> joining.isPlanned())
                        .flatMap(pad -> Admission.refusedNow(job, act(joining.phase(pad), pad), now))
                        .orElse(null));
    }

    private static JoinEntry act(Joining.Phase phase, String pad) {
        return switch (phase) {
            case SLEEVE -> new JoinEntry.LeadSleeved(pad);
            case SOLDER -> new JoinEntry.LeadSoldered(pad);
            case TUG, JOINED -> new JoinEntry.LeadTugged(pad, true);
        };
    }

    public JoinEntry.@Nullable LeadsListed listed() {
        return Joining.of(job).listed().orElse(null);
    }

    public List<LeadFinder.Reading> readings() {
        return Joining.of(job).readings();
    }

    public @Nullable String unmetPad() {
        return Joining.of(job).unmetPad().orElse(null);
    }

    public boolean isSpliced() {
        return Joining.of(job).isSpliced();
    }

    public @Nullable Joint due() {
        return joints.stream().filter(Joint::due).findFirst().orElse(null);
    }

    /** New leads that no pad takes: their ends are covered, one at a time. */
    public List<LeadFinder.Joined> spare() {
        return Joining.of(job).table().stream()
                .filter(joined -> joined.pad() == null)
                .toList();
    }

    public BigDecimal tugN() {
        return WireSize.tugN(Objects.requireNonNull(listed()).sectionMm2(), job.limits());
    }

    public JoinEntry.Insulation[] insulations() {
        return JoinEntry.Insulation.values();
    }

    public @Nullable SplicesDrawing splices() {
        return Joining.of(job)
                .splices()
                .map(planned -> SplicesDrawing.of(
                        planned.splices(),
                        Splices.of(planned.splices(), job.limits()).result()))
                .orElse(null);
    }

    /** As many rows as the device has leads; the most there can be, to be left empty, after them. */
    public List<String> rows() {
        List<String> listed = Optional.ofNullable(listed()).stream()
                .flatMap(known -> known.leads().stream())
                .map(LeadFinder.NewLead::id)
                .toList();
        return listed.isEmpty()
                ? IntStream.range(0, Math.max(2, modelLeads().size()))
                        .mapToObj(i -> String.valueOf((char) ('A' + i)))
                        .toList()
                : listed;
    }

    /** Letters for leads beyond those of the device. */
    public List<String> moreRows() {
        return Stream.iterate(rows().size(), i -> i < 6, i -> i + 1)
                .map(i -> String.valueOf((char) ('A' + i)))
                .toList();
    }

    private List<Lead> modelLeads() {
        return Optional.ofNullable(job.model().housing().leads())
                .map(held -> held.leads())
                .orElse(List.of());
    }

    /** How many of a role the device's own pack has. */
    public int had(String role) {
        return Collections.frequency(
                modelLeads().stream().map(lead -> lead.role().name()).toList(), role);
    }
}
