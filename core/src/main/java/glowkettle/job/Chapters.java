package glowkettle.job;

import glowkettle.assess.Tier;
import glowkettle.job.Admission.Author;
import glowkettle.job.Admission.Refusal;
import glowkettle.library.DeviceModel;
import glowkettle.library.Operation;
import glowkettle.limits.ShopLimits;
import glowkettle.shop.OpeningHours;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The chapters of a job in the order of work, and every kind of entry that they may write. */
public final class Chapters {
    private final Map<String, Kind<?>> byId = new LinkedHashMap<>();
    private final Map<Class<?>, Kind<?>> byType = new HashMap<>();
    private final Map<Class<?>, Room<?>> rooms = new HashMap<>();
    private final List<Chapter<?>> inOrder;
    private final List<Stage> stages;

    /**
     * @throws IllegalArgumentException where a kind is listed twice, or an entry of a stage is no kind
     */
    public Chapters(List<Chapter<?>> inOrder) {
        this.inOrder = List.copyOf(inOrder);
        this.stages = inOrder.stream()
                .filter(Chapter::hasPage)
                .<Stage>map(Chapter::stage)
                .toList();
        inOrder.forEach(this::add);
    }

    private <E extends Entry> void add(Chapter<E> chapter) {
        Set<Class<?>> kinds = chapter.kinds().stream().map(Kind::type).collect(Collectors.toSet());
        Set<Class<?>> sealed =
                Arrays.stream(chapter.entries().getPermittedSubclasses()).collect(Collectors.toSet());
        if (!kinds.equals(sealed)) {
            throw new IllegalArgumentException(
                    "The kinds of %s are %s, its entries are %s".formatted(chapter, kinds, sealed));
        }
        for (Kind<? extends E> kind : chapter.kinds()) {
            if (byId.put(kind.id(), kind) != null || byType.put(kind.type(), kind) != null) {
                throw new IllegalArgumentException("'%s' is listed twice".formatted(kind.id()));
            }
            rooms.put(kind.type(), new Room<>(chapter));
        }
    }

    /** An entry at its chapter. */
    private record Room<E extends Entry>(Chapter<E> chapter) {
        Stage stage() {
            return chapter.stage();
        }

        Stage page(Entry entry) {
            return chapter.page(chapter.entries().cast(entry));
        }

        Moment moment(Entry entry) {
            return chapter.moment(chapter.entries().cast(entry));
        }

        Optional<Refusal> keeps(JobFile job, Entry entry) {
            return chapter.keeps(job, chapter.entries().cast(entry));
        }
    }

    /** The chapters in the order of work. */
    public List<Chapter<?>> inOrder() {
        return inOrder;
    }

    public Collection<Kind<?>> kinds() {
        return byId.values();
    }

    public Optional<Kind<?>> kind(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /**
     * @throws IllegalArgumentException for an entry of no chapter
     */
    public Kind<?> of(Entry entry) {
        return known(byType, entry);
    }

    public String id(Entry entry) {
        return of(entry).id();
    }

    /** Whether nobody, a lead or anybody may put it right. */
    public Firmness firmness(Entry entry) {
        return of(entry).firmnessOf(entry);
    }

    /** The stage on whose page an entry is written. */
    public Stage page(Entry entry) {
        Room<?> room = known(rooms, entry);
        return switch (room.moment(entry)) {
            case BEFORE -> room.page(entry);
            case AFTER -> afterTheWork();
        };
    }

    private Stage afterTheWork() {
        return inOrder.stream()
                .filter(Chapter::measuresAfterTheWork)
                .findFirst()
                .map(Chapter::stage)
                .orElseThrow(() -> new IllegalStateException("No stage measures after the work"));
    }

    public String words(Entry entry, JobFile job) {
        return of(entry).wordsOf(entry, job);
    }

    public Optional<Told> tells(Entry entry, DeviceModel model, ShopLimits limits) {
        return of(entry).toldBy(entry, model, limits);
    }

    Optional<Refusal> refuse(JobFile job, Entry entry, Author author, Instant now) {
        return of(entry).refusalOf(job, entry, author, now);
    }

    Optional<Refusal> keeps(JobFile job, Entry entry) {
        return known(rooms, entry).keeps(job, entry);
    }

    /** The stages that have a page, in the order of work. */
    public List<Stage> stages() {
        return stages;
    }

    /** Those that a job comes through, in the order of work. */
    public List<Stage> stagesOf(JobFile job) {
        return inOrder.stream()
                .filter(chapter -> chapter.hasPage() && chapter.isOnTheWayOf(job))
                .<Stage>map(Chapter::stage)
                .toList();
    }

    /** The stage whose pages stand under this path. */
    public Optional<Stage> stage(String path) {
        return stages().stream().filter(stage -> stage.path().equals(path)).findFirst();
    }

    /** On whose page the form of a kind stands, while the work is going on. */
    public Optional<Stage> stageOf(String kind) {
        return kind(kind)
                .map(known -> Objects.requireNonNull(rooms.get(known.type())).stage())
                .filter(stages()::contains);
    }

    /** In the order of work. */
    public boolean comesBefore(Stage stage, Stage other) {
        List<Stage> stages = stages();
        return stages.indexOf(stage) < stages.indexOf(other);
    }

    boolean callsBack(Stage stage) {
        return chapter(stage).callsBack();
    }

    public boolean hasBegun(Stage stage, JobFile job) {
        return chapter(stage).hasBegun(job);
    }

    /** The other stage is the next one in the order of work. */
    public boolean isNext(Stage stage, Stage other) {
        return stages.indexOf(other) == stages.indexOf(stage) + 1;
    }

    /** Where a job is shown after something was written on the page of a stage. */
    public Stage after(Stage page, Entry entry, JobFile job) {
        Stage next = job.next().stage();
        boolean readFirst = isReadFirst(entry, job)
                && inOrder.stream().allMatch(chapter -> chapter.offFirst(job).isEmpty());
        return readFirst || chapter(page).keepsOnItsPage(next, job, entry instanceof TakenBack) ? page : next;
    }

    private boolean isReadFirst(Entry entry, JobFile job) {
        return of(entry).traits().then() == Traits.Then.IS_READ_FIRST
                && known(rooms, entry).moment(entry) == Moment.BEFORE
                && job.packKnown();
    }

    private Chapter<?> chapter(Stage stage) {
        return inOrder.stream()
                .filter(chapter -> chapter.hasPage() && chapter.stage().equals(stage))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No chapter has the page " + stage));
    }

    /** The one thing to do next: what must go off, then that of the first chapter that has any. */
    Optional<NextThing> next(JobFile job) {
        // Whoever is to keep hands off switches nothing.
        boolean handsOff = job.tier().result().tier() == Tier.EVACUATE;
        return inOrder.stream()
                .filter(chapter -> !handsOff)
                .flatMap(chapter -> chapter.offFirst(job).stream())
                .findFirst()
                .or(() -> inOrder.stream()
                        .flatMap(chapter -> chapter.next(job).stream())
                        .findFirst());
    }

    /** Why no other pack may be read or chosen now. */
    public Optional<Refusal> binds(JobFile job) {
        return inOrder.stream().flatMap(chapter -> chapter.binds(job).stream()).findFirst();
    }

    /** Why what an entry says cannot have been measured yet. */
    Optional<Refusal> tooEarly(JobFile job, Entry entry) {
        return switch (known(rooms, entry).moment(entry)) {
            case BEFORE -> Optional.empty();
            case AFTER ->
                inOrder.stream()
                        .flatMap(chapter -> chapter.beforeTheEnd(job).stream())
                        .findFirst();
        };
    }

    /** Whatever of a job calls for hands, as it stood at its newest entry. */
    public List<Call> calls(JobFile job, OpeningHours hours) {
        boolean closed = job.closed();
        return inOrder.stream()
                .filter(chapter -> !closed || chapter.outlivesTheJob())
                .flatMap(chapter -> chapter.calls(job, hours).stream())
                .toList();
    }

    /** What some chapter forbids to all of them. */
    Optional<Refusal> bars(JobFile job, Spark spark, Instant now) {
        return inOrder.stream()
                .flatMap(chapter -> chapter.bars(job, spark, now).stream())
                .findFirst();
    }

    /** What has to be dealt with before a step of the teardown is done. */
    public Optional<Refusal> holds(JobFile job, Operation step, Instant now) {
        return inOrder.stream()
                .flatMap(chapter -> chapter.holds(job, step, now).stream())
                .findFirst();
    }

    /** The stage on whose page a step of the teardown is worked. */
    public Stage pageOf(JobFile job, Operation step) {
        return inOrder.stream()
                .filter(chapter -> chapter.works(job, step))
                .findFirst()
                .map(Chapter::stage)
                .orElseThrow(() -> new IllegalStateException("No stage works on '%s'".formatted(step.id())));
    }

    /** Hands did something to open the device. */
    public boolean isAStepIn(Entry entry) {
        Kind<?> kind = byType.get(entry.getClass());
        return kind != null && kind.traits().opens() == Traits.Opens.THE_DEVICE;
    }

    DeviceModel known(JobState state, DeviceModel model) {
        DeviceModel known = model;
        for (Chapter<?> chapter : inOrder) {
            known = chapter.known(state, known);
        }
        return known;
    }

    List<Overheat> overheats(JobFile job) {
        return inOrder.stream()
                .flatMap(chapter -> chapter.overheats(job).stream())
                .toList();
    }

    boolean runsOn(JobState state) {
        return inOrder.stream().anyMatch(chapter -> chapter.runsOn(state));
    }

    boolean closes(JobFile job) {
        return inOrder.stream().anyMatch(chapter -> chapter.closes(job));
    }

    private static <T> T known(Map<Class<?>, T> table, Entry entry) {
        T found = table.get(entry.getClass());
        if (found == null) {
            throw new IllegalArgumentException("No chapter writes %s".formatted(entry.getClass()));
        }
        return found;
    }
}
