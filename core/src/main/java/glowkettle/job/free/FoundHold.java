package glowkettle.job.free;

import glowkettle.finding.Figures;
import glowkettle.heat.Adhesive;
import glowkettle.heat.Layer;
import glowkettle.heat.Layer.Part;
import glowkettle.heat.Material;
import glowkettle.heat.Stack;
import glowkettle.job.JobState;
import glowkettle.library.Bond;
import glowkettle.library.DeviceModel;
import glowkettle.library.Lead;
import glowkettle.library.Leads;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What holds the pack of a device nobody described, out of what the bench found: its bonds and leads as a model of the library
 * has them. What cannot be seen before it is open is taken at its worst: a thin pack heats sooner, a metal frame keeps the
 * adhesive cold for longer, and air that nobody measured keeps nothing off the pack. No heat goes on a face behind which
 * nobody has looked.
 */
final class FoundHold {
    private static final BigDecimal THIN_PACK_MM = new BigDecimal("2.5");
    private static final BigDecimal SCREEN_GLASS_SHARE = new BigDecimal("0.45");
    private static final BigDecimal PAD_PITCH_MM = BigDecimal.valueOf(24);
    private static final Layer FRAME = layer(Material.ALUMINIUM, "1.2", null);
    private static final Layer BED = layer(Material.ALUMINIUM, "1.0", null);

    private FoundHold() {}

    /** The model with what was found. What the library describes itself stands. */
    static DeviceModel in(JobState state, DeviceModel model) {
        DeviceModel known = model;
        for (Bond bond : bonds(state)) {
            boolean isNew = known.anatomy().operation(bond.operation()).isPresent()
                    && known.anatomy().bondOf(bond.operation()).isEmpty();
            known = isNew ? known.glued(bond) : known;
        }
        Optional<Leads> leads = state.latest(FreeEntry.LeadsFound.class).flatMap(found -> leads(found, model));
        return known.housing().leads() == null && leads.isPresent() ? known.held(leads.get()) : known;
    }

    /** The last word on each step, the last one first. */
    private static List<Bond> bonds(JobState state) {
        List<Bond> bonds = new ArrayList<>();
        state.counting().reversed().forEach(recorded -> {
            if (recorded.entry() instanceof FreeEntry.RimFound rim) {
                bonds.add(rim(rim));
            } else if (recorded.entry() instanceof FreeEntry.BedFound bed) {
                bonds.add(bed(bed));
            }
        });
        return bonds;
    }

    private static Bond rim(FreeEntry.RimFound found) {
        List<Layer> rim = new ArrayList<>(lid(found));
        rim.add(layer(Material.ADHESIVE, "0.3", Part.BOND));
        rim.add(FRAME);
        List<Layer> cell = new ArrayList<>(lid(found));
        if (found.gapMm() != null) {
            cell.add(new Layer(Material.AIR_GAP, found.gapMm(), null));
        }
        cell.add(new Layer(Material.CELL, THIN_PACK_MM, Part.CELL));
        BigDecimal round = found.lengthMm().add(found.widthMm()).multiply(BigDecimal.TWO);
        BigDecimal areaMm2 = Figures.round(round.multiply(found.rimMm()).doubleValue(), 0);
        return new Bond(
                found.bond(),
                "rim of the lid",
                new Bond.Layers(
                        new Stack(found.adhesive(), rim, cell), found.lid().words(), null),
                new Bond.Area(areaMm2, areaMm2),
                null,
                List.of(),
                null);
    }

    private static List<Layer> lid(FreeEntry.RimFound found) {
        return switch (found.lid()) {
            case GLASS -> List.of(new Layer(Material.GLASS, found.lidMm(), null));
            case PLASTIC -> List.of(new Layer(Material.PLASTIC, found.lidMm(), null));
            case METAL -> List.of(new Layer(Material.ALUMINIUM, found.lidMm(), null));
            case SCREEN -> {
                BigDecimal glassMm =
                        Figures.round(found.lidMm().multiply(SCREEN_GLASS_SHARE).doubleValue(), 2);
                yield List.of(
                        new Layer(Material.GLASS, glassMm, null),
                        new Layer(Material.DISPLAY_STACK, found.lidMm().subtract(glassMm), Part.DISPLAY));
            }
        };
    }

    private static Bond bed(FreeEntry.BedFound found) {
        BigDecimal areaMm2 = found.lengthMm().multiply(found.widthMm());
        Stack stack = found.adhesive() == Adhesive.STRETCH_STRIPS
                ? new Stack(Adhesive.STRETCH_STRIPS, List.of(), List.of())
                : new Stack(
                        found.adhesive(),
                        List.of(),
                        List.of(
                                BED,
                                layer(Material.ADHESIVE, "0.15", Part.BOND),
                                new Layer(Material.CELL, found.packMm(), Part.CELL)));
        return new Bond(
                found.bond(),
                "under the pack",
                new Bond.Layers(stack, null, "pack, bare"),
                new Bond.Area(areaMm2, areaMm2),
                found.adhesive() == Adhesive.STRETCH_STRIPS ? found.strips() : null,
                List.of(),
                null);
    }

    private static Layer layer(Material material, String thicknessMm, @Nullable Part part) {
        return new Layer(material, new BigDecimal(thicknessMm), part);
    }

    private static Optional<Leads> leads(FreeEntry.LeadsFound found, DeviceModel model) {
        return model.anatomy().operations().stream()
                .filter(operation -> operation.kind() == OperationKind.DISCONNECT_PACK)
                .findFirst()
                .map(Operation::id)
                .map(operation -> leads(operation, found));
    }

    private static Leads leads(String operation, FreeEntry.LeadsFound found) {
        List<Lead> leads = new ArrayList<>();
        add(leads, "minus", Lead.Role.NEGATIVE, found);
        int taps = found.taps() == null ? 0 : found.taps().intValue();
        for (int tap = 1; tap <= taps; tap++) {
            add(leads, "tap " + tap, Lead.Role.TAP, found);
        }
        if (Boolean.TRUE.equals(found.thermistor())) {
            add(leads, "thermistor", Lead.Role.THERMISTOR, found);
        }
        if (Boolean.TRUE.equals(found.identity())) {
            add(leads, "identity", Lead.Role.IDENTITY, found);
        }
        if (Boolean.TRUE.equals(found.signal())) {
            add(leads, "signal", Lead.Role.SIGNAL, found);
        }
        add(leads, "plus", Lead.Role.POSITIVE, found);
        return new Leads(
                operation,
                PAD_PITCH_MM.multiply(BigDecimal.valueOf(leads.size())),
                BigDecimal.valueOf(20),
                leads,
                found.controller(),
                List.of());
    }

    private static void add(List<Lead> leads, String id, Lead.Role role, FreeEntry.LeadsFound found) {
        BigDecimal xMm =
                PAD_PITCH_MM.multiply(BigDecimal.valueOf(leads.size())).add(PAD_PITCH_MM.divide(BigDecimal.TWO));
        leads.add(new Lead(id, "", id, role, xMm, BigDecimal.TEN, found.shortestMm()));
    }
}
