package glowkettle.app.demo;

import glowkettle.app.support.Kettle;
import glowkettle.arrive.Symptom;
import glowkettle.demo.DemoJob;
import glowkettle.demo.Onwards;
import glowkettle.demo.Play;
import glowkettle.fit.PackLabel;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.isolation.IsolationEntry;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.regex.Pattern;

/** A job of the screwed-in laptop that was worked up to some point before the shop's now. */
public final class Played {
    private static final Map<String, Long> ORIGINALS = new ConcurrentHashMap<>();
    private static final Pattern NAME_OF_A_JOB = Pattern.compile("\\{([A-Z_]+)}");

    private final Play play;

    private Played(Play play) {
        this.play = play;
    }

    public static Played opened(Kettle kettle) {
        return openedFor(kettle, "Harbour office");
    }

    public static Played openedFor(Kettle kettle, String owner) {
        return openedFor(kettle, "gannet-14", owner);
    }

    /** A job of a model, assessed and torn down until a step is next. */
    public static Played at(Kettle kettle, String model, String step) {
        return copied(
                kettle,
                model + " at " + step,
                () -> openedFor(kettle, model, "Car deck, ferry Skua")
                        .play
                        .assessed()
                        .write(new AssessEntry.ChargeSeen(new BigDecimal("24")))
                        .tornDownTo(step));
    }

    /** A job of any model that went so many steps in the usual way. */
    static Played somewhere(Kettle kettle, String model, int steps) {
        Played played = openedFor(kettle, model, "Purser, ferry Skua");
        for (int i = 0; i < steps; i++) {
            Optional<Entry> next = Onwards.of(played.file());
            if (next.isEmpty()) {
                return played;
            }
            played.write(next.get());
        }
        return played;
    }

    private static Played openedFor(Kettle kettle, String model, String owner) {
        return new Played(Play.open(
                kettle.bean(ShopWorld.class),
                kettle.clock().instant().minus(Duration.ofHours(4)),
                model,
                owner,
                Set.of(Symptom.SHORT_RUNTIME),
                null));
    }

    /** The number of one of the demo's own jobs. */
    public static long number(Kettle kettle, DemoJob name) {
        return kettle.bean(ShopWorld.class).number(name);
    }

    /** A job like one of the demo's own, to go on with. */
    public static Played like(Kettle kettle, DemoJob name) {
        return new Played(Copy.of(kettle, number(kettle, name)));
    }

    /** Of any model, closed with a new pack in it. */
    public static Played shut(Kettle kettle, String model) {
        return copied(
                kettle,
                model + " shut",
                () -> openedFor(kettle, model, "Bridge, ferry Skua")
                        .play
                        .assessed()
                        .out()
                        .fitted()
                        .back(0));
    }

    /** An address with the number of a demo's job in place of its name in braces. */
    public static String address(Kettle kettle, String written) {
        return NAME_OF_A_JOB
                .matcher(written)
                .replaceAll(name -> String.valueOf(number(kettle, DemoJob.valueOf(name.group(1)))));
    }

    public static Played assessed(Kettle kettle) {
        return copied(kettle, "assessed", () -> opened(kettle).play.assessed());
    }

    /** Torn down, with the pack still to be measured. */
    public static Played lifted(Kettle kettle) {
        return copied(kettle, "lifted", () -> opened(kettle).play.assessed().tornDown(0));
    }

    public static Played measured(Kettle kettle) {
        return copied(kettle, "measured", () -> opened(kettle).play.assessed().out());
    }

    /** On the way back, with so many steps still to go. */
    public static Played goingBack(Kettle kettle, int left) {
        return copied(
                kettle,
                "going back, %s left".formatted(left),
                () -> opened(kettle).play.assessed().out().fitted().back(left));
    }

    public static Played closedUp(Kettle kettle) {
        return copied(
                kettle,
                "closed up",
                () -> opened(kettle).play.assessed().out().fitted().back(0).proved(0));
    }

    /** A job like one that was played at the same moment of the shop's clock: copying a journal takes a tenth of playing it. */
    private static Played copied(Kettle kettle, String recipe, Supplier<Play> play) {
        long original = ORIGINALS.computeIfAbsent(
                recipe + ", " + kettle.clock().instant(), anew -> play.get().number());
        return new Played(Copy.of(kettle, original));
    }

    public static Played readyToSign(Kettle kettle) {
        Played played = closedUp(kettle);
        played.play.leftOut().stored();
        return played;
    }

    public Played write(Entry entry) {
        play.write(entry);
        return this;
    }

    /** In a container of the test's own, whatever the store would propose. */
    public Played storedIn(String container, String name) {
        return write(new IsolationEntry.PackStored(
                container,
                name,
                file().oldPackTier().result().tier(),
                file().model().pack().ratings().energyWh(),
                !file().liftedOut()));
    }

    /** Whatever holds the pack is off by then: it comes out, and a new one is chosen. */
    public Played outAndFitted() {
        play.out().fitted();
        return this;
    }

    public Played signed() {
        play.signed();
        return this;
    }

    public PackLabel rightLabel() {
        return play.rightLabel();
    }

    public JobFile file() {
        return play.file();
    }

    public long number() {
        return play.file().number();
    }

    public String path(String stage) {
        return "/jobs/" + number() + "/" + stage;
    }
}
