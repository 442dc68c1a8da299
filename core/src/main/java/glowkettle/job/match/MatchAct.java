package glowkettle.job.match;

import glowkettle.job.JobFile;
import glowkettle.match.BuildStep;
import glowkettle.match.OldPackDrawing;
import java.util.function.Function;

/** What is at hand while a pack is built of cells, the first that is open. */
public enum MatchAct {
    NOT_BEGUN(job -> "Draw the old pack, or say which one is built"),
    DRAW(MatchAct::open),
    METER_OLD(job -> "Measure the old pack's groups"),
    WANT(job -> "Say which pack is built"),
    LIST(job -> "List the cells"),
    KEEP(job -> "Makers or chemistries are mixed: say which set is kept"),
    FEW(job -> missing(Matching.of(job).missing())),
    SEARCH(job -> "Match the cells"),
    BUILD(job -> Building.of(job).next().map(BuildStep::words).orElse("")),
    METER(job -> "Measure every group, and the whole pack"),
    APART(job -> "The groups are apart: bring them together, then measure again"),
    CHARGE(job -> "Charge it for the first time, attended"),
    STAY(job -> "First charge: stay, and feel it"),
    HOT(job -> "Charger off, and out of the room's way"),
    PROVEN(job -> "");

    private final Function<JobFile, String> words;

    MatchAct(Function<JobFile, String> words) {
        this.words = words;
    }

    /** The one next thing, in words. */
    public String words(JobFile job) {
        return words.apply(job);
    }

    /** Somebody has something to do. */
    public boolean isOpen() {
        return this != NOT_BEGUN && this != PROVEN;
    }

    static String missing(int cells) {
        return cells == 1 ? "1 cell is missing" : cells + " cells are missing";
    }

    private static String open(JobFile job) {
        OldPackDrawing drawn = OldPackSketch.of(job).drawing().orElseThrow().result();
        return drawn.open().isEmpty()
                ? "The drawing of the old pack contradicts itself"
                : drawn.open().getFirst();
    }

    public static MatchAct of(JobFile job) {
        Matching matching = Matching.of(job);
        if (!matching.isBegun()) {
            return NOT_BEGUN;
        }
        return matching.wanted().isEmpty() ? drawing(OldPackSketch.of(job)) : matching(job, matching);
    }

    private static MatchAct drawing(OldPackSketch sketch) {
        if (sketch.begun().isEmpty()) {
            return WANT;
        }
        if (!sketch.isWhole()) {
            return DRAW;
        }
        return sketch.voltages().filter(read -> read.result().agrees()).isEmpty() ? METER_OLD : WANT;
    }

    private static MatchAct matching(JobFile job, Matching matching) {
        CellTable table = CellTable.of(job);
        if (table.cells().isEmpty()) {
            return LIST;
        }
        if (table.isSetOpen()) {
            return KEEP;
        }
        if (matching.missing() > 0) {
            return FEW;
        }
        return matching.matched().isEmpty() ? SEARCH : building(job, Building.of(job));
    }

    private static MatchAct building(JobFile job, Building building) {
        if (!building.isBuilt()) {
            return BUILD;
        }
        if (building.voltages().isEmpty()) {
            return METER;
        }
        if (!building.isAlike()) {
            return APART;
        }
        if (building.isProven()) {
            return PROVEN;
        }
        return building.firstCharge()
                .filter(FirstCharge::isOn)
                .map(charge -> charge.hot(job.limits()).isPresent() ? HOT : STAY)
                .orElse(CHARGE);
    }
}
