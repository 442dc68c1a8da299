package glowkettle.job.join;

import glowkettle.finding.Result;
import glowkettle.free.LeadOrder;
import glowkettle.job.Entry;
import glowkettle.job.Fold;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.Sum;
import glowkettle.job.fit.Fitting;
import glowkettle.job.free.Parting;
import glowkettle.join.LeadFinder;
import glowkettle.library.Lead;
import glowkettle.library.Leads;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** Which lead of the new pack is which, and which of them are joined. What was read of another pack does not count. */
public final class Joining {
    private static final Sum<Optional<Result<LeadFinder>>> FINDER = new Sum<>();

    private final JobFile job;

    private Joining(JobFile job) {
        this.job = job;
    }

    public static Joining of(JobFile job) {
        return new Joining(job);
    }

    /** A new pack whose leads are soldered goes in. */
    public boolean isWanted() {
        return job.model().housing().leads() != null && Fitting.of(job).fitsNewPack();
    }

    /** Since this pack was chosen. */
    private <E extends Entry> Stream<E> since(Class<E> kind) {
        return Fitting.of(job)
                .sinceChosen()
                .map(Recorded::entry)
                .filter(kind::isInstance)
                .map(kind::cast);
    }

    private <E extends Entry> Optional<E> latest(Class<E> kind) {
        return since(kind).reduce((earlier, later) -> later);
    }

    public Optional<JoinEntry.LeadsListed> listed() {
        return latest(JoinEntry.LeadsListed.class);
    }

    /** Of the leads that were listed last; one between two leads takes the place of an earlier one of its kind. */
    public List<LeadFinder.Reading> readings() {
        return Fold.<List<LeadFinder.Reading>>from(List.of())
                .at(JoinEntry.LeadsListed.class, (readings, listed) -> List.of())
                .at(JoinEntry.LeadMetered.class, (readings, metered) -> with(readings, metered.reading()))
                .over(Fitting.of(job).sinceChosen());
    }

    private static List<LeadFinder.Reading> with(List<LeadFinder.Reading> readings, LeadFinder.Reading newest) {
        return Stream.concat(
                        readings.stream()
                                .filter(earlier -> earlier.kind() != newest.kind()
                                        || !earlier.isBetween(newest.from(), newest.to())),
                        Stream.of(newest))
                .toList();
    }

    public Optional<LeadFinder.Request> question() {
        return listed().map(listed -> question(listed, readings()));
    }

    LeadFinder.Request question(JoinEntry.LeadsListed listed, List<LeadFinder.Reading> readings) {
        JoinEntry.Inside inside = listed.inside();
        return new LeadFinder.Request(
                listed.leads(),
                roles(listed.roles()),
                new LeadFinder.Inside(
                        job.model().pack().ratings().series(),
                        job.model().pack().ratings().chargeLimitV(),
                        inside.thermistorKohm(),
                        inside.thermistorB(),
                        inside.identityOhm()),
                readings,
                pads(listed.roles()),
                listed.byLooks());
    }

    private static List<LeadFinder.Role> roles(JoinEntry.Occurring occurring) {
        List<LeadFinder.Role> roles = new ArrayList<>();
        roles.addAll(Collections.nCopies(occurring.plusLeads().intValue(), LeadFinder.Role.PLUS));
        roles.addAll(Collections.nCopies(occurring.minusLeads().intValue(), LeadFinder.Role.MINUS));
        roles.addAll(Collections.nCopies(occurring.taps().intValue(), LeadFinder.Role.TAP));
        if (occurring.thermistor()) {
            roles.add(LeadFinder.Role.THERMISTOR);
        }
        if (occurring.identity()) {
            roles.add(LeadFinder.Role.IDENTITY);
        }
        return roles;
    }

    private List<LeadFinder.Pad> pads(JoinEntry.Occurring occurring) {
        return modelLeads().stream()
                .map(lead -> new LeadFinder.Pad(lead.pad(), colour(lead), role(lead.role(), occurring)))
                .toList();
    }

    private static LeadFinder.Role role(Lead.Role role, JoinEntry.Occurring occurring) {
        return switch (role) {
            case POSITIVE -> LeadFinder.Role.PLUS;
            case NEGATIVE -> LeadFinder.Role.MINUS;
            case TAP -> LeadFinder.Role.TAP;
            case SIGNAL -> occurring.thermistor() ? LeadFinder.Role.THERMISTOR : LeadFinder.Role.IDENTITY;
            case THERMISTOR -> LeadFinder.Role.THERMISTOR;
            case IDENTITY -> LeadFinder.Role.IDENTITY;
        };
    }

    /** As it was found; what the drawing says where nobody noted it. */
    private String colour(Lead lead) {
        return Parting.of(job).colourNoted(lead.id()).orElse(lead.colour());
    }

    private List<Lead> modelLeads() {
        Leads leads = job.model().housing().leads();
        return leads == null ? List.of() : leads.leads();
    }

    /** What the readings say so far; empty until the leads were listed. */
    public Optional<Result<LeadFinder>> finder() {
        return job.once(FINDER, known -> question().map(question -> LeadFinder.find(question, known.limits())));
    }

    /** Where the probes go now. In a contradiction, the reading that may be wrong and was not taken again for longest. */
    public Optional<LeadFinder.Measurement> wanted() {
        return finder().map(Result::result)
                .flatMap(found -> found.status() == LeadFinder.Status.CONTRADICTION
                        ? readings().stream()
                                .map(LeadFinder.Reading::measurement)
                                .filter(taken -> found.measureAgain().isEmpty()
                                        || found.measureAgain().contains(taken))
                                .findFirst()
                        : Optional.ofNullable(found.next()));
    }

    public boolean isFound() {
        return finder().filter(found -> isFound(found.result().status())).isPresent();
    }

    /** Measured; or likely, where the two that are left may be swapped. */
    private static boolean isFound(LeadFinder.Status status) {
        return switch (status) {
            case UNIQUE, LIKELY -> true;
            case OPEN, CONTRADICTION, CANNOT_BE_TOLD -> false;
        };
    }

    /** The leads of the device were cut, so the new ones are spliced to them. */
    public boolean isSpliced() {
        return Parting.of(job)
                .leadSchool()
                .filter(school -> school == LeadOrder.School.CUT)
                .isPresent();
    }

    public Optional<JoinEntry.SplicesPlanned> splices() {
        return latest(JoinEntry.SplicesPlanned.class);
    }

    /** A pad of the board for which the new pack has no lead at all. */
    public Optional<String> unmetPad() {
        if (!isFound()) {
            return Optional.empty();
        }
        LeadFinder.Request question = question().orElseThrow();
        return Objects.requireNonNullElse(question.pads(), List.<LeadFinder.Pad>of()).stream()
                .filter(pad -> table().stream().noneMatch(joined -> pad.pad().equals(joined.pad())))
                .map(pad -> "%s (%s)".formatted(pad.pad(), pad.role().words()))
                .findFirst();
    }

    /** Leads of the new pack for which the board has no pad: each is insulated and taped aside. */
    public List<LeadFinder.Joined> padless() {
        return table().stream().filter(joined -> joined.pad() == null).toList();
    }

    public List<LeadFinder.Joined> table() {
        return finder().map(found -> found.result().table()).orElse(List.of());
    }

    /** What is joined, in the order in which it goes on: one lead after the other. */
    public List<LeadFinder.Joined> inOrder() {
        Leads leads = job.model().housing().leads();
        if (leads == null) {
            return List.of();
        }
        List<String> pads = Parting.of(job).leadOrder(leads).result().on().stream()
                .flatMap(id -> leads.leads().stream().filter(lead -> lead.id().equals(id)))
                .map(Lead::pad)
                .toList();
        return pads.stream()
                .flatMap(pad -> table().stream().filter(joined -> pad.equals(joined.pad())))
                .toList();
    }

    /** How far the joint at a pad is. */
    public enum Phase {
        SLEEVE,
        SOLDER,
        TUG,
        JOINED
    }

    private Phase firstPhase() {
        return isSpliced() ? Phase.SLEEVE : Phase.SOLDER;
    }

    /** A joint that did not bear its pull is soldered again. */
    public Phase phase(String pad) {
        Phase first = firstPhase();
        return Fold.from(first)
                .at(JoinEntry.LeadsListed.class, (phase, listed) -> first)
                .at(JoinEntry.LeadSleeved.class, (phase, one) -> one.pad().equals(pad) ? Phase.SOLDER : phase)
                .at(JoinEntry.LeadSoldered.class, (phase, one) -> one.pad().equals(pad) ? Phase.TUG : phase)
                .at(
                        JoinEntry.LeadTugged.class,
                        (phase, one) -> one.pad().equals(pad) ? one.held() ? Phase.JOINED : Phase.SOLDER : phase)
                .over(Fitting.of(job).sinceChosen());
    }

    /** The lead at hand: the first in the order that is not joined. */
    public Optional<LeadFinder.Joined> atHand() {
        return inOrder().stream()
                .filter(joined -> phase(Objects.requireNonNull(joined.pad())) != Phase.JOINED)
                .findFirst();
    }

    /** One lead at least is soldered: what is measured now is measured through the board. */
    public boolean isSoldered() {
        return inOrder().stream()
                .map(joined -> phase(String.valueOf(joined.pad())))
                .anyMatch(phase -> phase == Phase.TUG || phase == Phase.JOINED);
    }

    /** One lead at least was taken in hand, and not all of them hold. */
    boolean isUnderWay() {
        Phase first = firstPhase();
        return isPlanned()
                && atHand().isPresent()
                && inOrder().stream().anyMatch(lead -> phase(String.valueOf(lead.pad())) != first);
    }

    /** Told apart, and cut to length where they are spliced. */
    public boolean isPlanned() {
        return isFound() && unmetPad().isEmpty() && (!isSpliced() || splices().isPresent());
    }

    /** A step of the way back joins them, and they are not all joined. */
    public boolean isOwedAt(String stepBack) {
        return job.model().leadsOf(stepBack).isPresent() && isWanted() && !isJoined();
    }

    /** Every lead holds. A journal from before leads were told apart here says so by its measured leads. */
    public boolean isJoined() {
        return isPlanned() && atHand().isEmpty()
                || listed().isEmpty() && Fitting.of(job).newLeads().isPresent();
    }
}
