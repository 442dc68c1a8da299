package glowkettle.app.labels;

import glowkettle.app.format.QrCode;
import glowkettle.app.format.Words;
import glowkettle.assess.Tier;
import glowkettle.cell.Chemistry;
import glowkettle.finding.Figures;
import glowkettle.isolation.ContainerChoice;
import glowkettle.job.JobFile;
import glowkettle.job.Recorded;
import glowkettle.job.arrive.Arriving;
import glowkettle.job.open.Opening;
import glowkettle.library.PackData;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A label of {@value #WIDTH_MM} by {@value #HEIGHT_MM} mm, as it is drawn. It stays readable without colour and at arm's
 * length: the number is the largest thing.
 *
 * @param head the largest line
 * @param lines at most four, each cut to what fits
 * @param bar what must not be overlooked; empty when there is nothing
 */
public record Label(String title, String head, List<String> lines, String bar, QrCode code) {
    static final int WIDTH_MM = 62;
    static final int HEIGHT_MM = 29;
    private static final int LONGEST_LINE = 26;

    public Label {
        lines = lines.stream().map(Label::cut).toList();
    }

    /** For the device, while it is in the house. The owner stands on it, and how to reach them does not. */
    static Label ticket(JobFile job, Words words, String address) {
        List<String> lines = new ArrayList<>(
                List.of(job.model().identity().name(), Arriving.of(job).owner()));
        lines.add(
                Arriving.of(job.state()).promise() == null
                        ? "no promise"
                        : "promised " + words.when(Arriving.of(job.state()).promise()));
        if (Arriving.of(job).serial() != null) {
            lines.add("serial " + Arriving.of(job).serial());
        }
        return new Label(
                "Ticket of job " + job.number(),
                "#" + job.number(),
                lines,
                bar(job.tier().result().tier()),
                QrCode.of(address + "/jobs/" + job.number()));
    }

    /** For the old pack, from the moment it is out until it leaves the house. */
    static Label pack(JobFile job, Words words, String address) {
        PackData pack = job.model().pack();
        List<String> lines = new ArrayList<>();
        lines.add(job.model().identity().name());
        if (job.packKnown()) {
            Chemistry.Family family = Chemistry.chargedTo(pack.ratings().chargeLimitV(), job.limits())
                    .family();
            lines.add(Figures.energy(pack.ratings().energyWh()) + ", "
                    + Figures.withUnit(pack.ratings().nominalV(), "V"));
            lines.add(family.words() + " " + Figures.withUnit(pack.ratings().chargeLimitV(), "V/cell"));
        } else {
            lines.add("lithium, label not read");
        }
        lines.add(Opening.of(job)
                .liftedOutAt()
                .map(Recorded::at)
                .map(at -> "out " + words.day(at))
                .orElse("still in its device"));
        return new Label(
                "Pack of job " + job.number(),
                "PACK " + job.number(),
                lines,
                job.worstTier().name() + ": DO NOT CHARGE",
                QrCode.of(address + "/jobs/" + job.number() + "/assess"));
    }

    /** For a container of the isolation store; its code opens the watch round there. */
    static Label container(ContainerChoice.Container container, String address) {
        return new Label(
                "Container " + container.name(),
                "LITHIUM",
                List.of(
                        container.name(),
                        "up to " + Figures.energy(container.capacityWh()) + ", " + container.places() + " packs",
                        "terminals taped, lid never tight",
                        "nothing that burns within reach"),
                "SMOKE OR HISS: out, shut the door, call",
                QrCode.of(address + "/isolation/round/" + container.id()));
    }

    private static String bar(Tier tier) {
        return switch (tier) {
            case CLEAR -> "";
            case GUARDED -> "GUARDED: no heat, no bending";
            case ISOLATE -> "ISOLATED: hands off, no charge";
            case EVACUATE -> "EVACUATE: leave it, go out";
        };
    }

    private static String cut(String line) {
        String plain = line.replaceAll("\\p{Cntrl}", " ");
        int points = plain.codePointCount(0, plain.length());
        return points <= LONGEST_LINE ? plain : plain.substring(0, plain.offsetByCodePoints(0, LONGEST_LINE - 1)) + "…";
    }

    String fileName() {
        return title.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }
}
