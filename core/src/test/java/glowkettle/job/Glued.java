package glowkettle.job;

import glowkettle.heat.Adhesive;
import glowkettle.heat.Layer;
import glowkettle.heat.Material;
import glowkettle.heat.Stack;
import glowkettle.library.Anatomy;
import glowkettle.library.Bond;
import glowkettle.library.DeviceModel;
import glowkettle.library.Lead;
import glowkettle.library.Leads;
import glowkettle.library.Mounting;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.library.Seat;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Small models whose pack is glued, held by strips, or soldered. */
final class Glued {
    private Glued() {}

    static DeviceModel tape() {
        Stack stack = new Stack(
                Adhesive.PACK_TAPE,
                List.of(),
                List.of(
                        layer(Material.GLASS, "0.6", null),
                        layer(Material.DISPLAY_STACK, "0.8", Layer.Part.DISPLAY),
                        layer(Material.MAGNESIUM, "1.0", null),
                        layer(Material.ADHESIVE, "0.2", Layer.Part.BOND),
                        layer(Material.CELL, "5.0", Layer.Part.CELL)));
        return model(bond(stack, null), null);
    }

    static DeviceModel strips() {
        return model(bond(new Stack(Adhesive.STRETCH_STRIPS, List.of(), List.of()), "2"), null);
    }

    /** One whose lid is glued, too. */
    static DeviceModel undescribedLid() {
        DeviceModel plain = undescribed(Mounting.GLUED_BACK);
        Anatomy anatomy = plain.anatomy();
        return new DeviceModel(
                plain.identity(),
                plain.housing(),
                plain.pack(),
                new Anatomy(
                        List.of(
                                Bench.operation("off", OperationKind.POWER_OFF, null, false),
                                Bench.operation("lid", OperationKind.CUT_ADHESIVE, "pick", false, "off"),
                                Bench.operation("plug", OperationKind.DISCONNECT_PACK, "lever", true, "lid"),
                                Bench.operation("free", OperationKind.FREE_PACK, "card", true, "plug"),
                                Bench.operation("pack", OperationKind.LIFT_PACK_OUT, null, true, "free")),
                        anatomy.targets(),
                        anatomy.otherTargets(),
                        anatomy.faces(),
                        anatomy.fasteners(),
                        anatomy.bonds()),
                plain.checks(),
                plain.afterwards(),
                List.of(),
                List.of());
    }

    /** The small laptop, with a pack that is built of cells. */
    static DeviceModel ofCells() {
        DeviceModel plain = Bench.model();
        return new DeviceModel(
                plain.identity(),
                new DeviceModel.Housing(Mounting.CELL_PACK, plain.housing().seamNominalMm(), null, null),
                plain.pack(),
                plain.anatomy(),
                plain.checks(),
                plain.afterwards(),
                List.of(),
                List.of());
    }

    /** The small laptop, without a map of its screws. */
    static DeviceModel uncharted() {
        DeviceModel plain = Bench.model();
        Anatomy anatomy = plain.anatomy();
        return new DeviceModel(
                plain.identity(),
                plain.housing(),
                plain.pack(),
                new Anatomy(
                        anatomy.operations(),
                        anatomy.targets(),
                        anatomy.otherTargets(),
                        anatomy.faces(),
                        List.of(),
                        anatomy.bonds()),
                plain.checks(),
                plain.afterwards(),
                List.of(),
                List.of());
    }

    /** The small laptop, with a backup cell that comes out at a step. */
    static DeviceModel withCoinCell(String operation) {
        DeviceModel plain = Bench.model();
        DeviceModel.Housing housing = plain.housing();
        return new DeviceModel(
                plain.identity(),
                new DeviceModel.Housing(
                        housing.mounting(),
                        housing.seamNominalMm(),
                        null,
                        null,
                        null,
                        new Seat(null, null, null, new Seat.CoinCell(operation, "coin cell, plugged"))),
                plain.pack(),
                plain.anatomy(),
                plain.checks(),
                plain.afterwards(),
                List.of(),
                List.of());
    }

    /** A device nobody described, by the family of its mounting. */
    static DeviceModel undescribed(Mounting mounting) {
        DeviceModel plain = model(null, null);
        DeviceModel.Identity identity = plain.identity();
        return new DeviceModel(
                new DeviceModel.Identity(identity.id(), identity.name(), identity.codes(), identity.kind(), true),
                new DeviceModel.Housing(mounting, null, null, null),
                plain.pack(),
                plain.anatomy(),
                plain.checks(),
                plain.afterwards(),
                List.of(),
                List.of());
    }

    static DeviceModel leads() {
        return model(
                null,
                new Leads(
                        "plug",
                        new BigDecimal("40"),
                        new BigDecimal("20"),
                        List.of(
                                lead("red", Lead.Role.POSITIVE),
                                lead("white", Lead.Role.SIGNAL),
                                lead("black", Lead.Role.NEGATIVE)),
                        null,
                        List.of()));
    }

    private static Layer layer(Material material, String thicknessMm, Layer.@Nullable Part part) {
        return new Layer(material, new BigDecimal(thicknessMm), part);
    }

    private static Bond bond(Stack stack, @Nullable String strips) {
        return new Bond(
                "free",
                "under the pack",
                new Bond.Layers(stack, "screen glass", "pack"),
                new Bond.Area(new BigDecimal("4000"), new BigDecimal("6000")),
                strips == null ? null : new BigDecimal(strips),
                List.of(),
                null);
    }

    private static Lead lead(String id, Lead.Role role) {
        return new Lead(id, id, id, role, BigDecimal.TEN, BigDecimal.TEN, new BigDecimal("30"));
    }

    private static DeviceModel model(@Nullable Bond bond, @Nullable Leads leads) {
        DeviceModel plain = Bench.model();
        List<Operation> operations = List.of(
                Bench.operation("off", OperationKind.POWER_OFF, null, false),
                Bench.operation("plug", OperationKind.DISCONNECT_PACK, "lever", true, "off"),
                Bench.operation("free", OperationKind.FREE_PACK, "card", true, "plug"),
                Bench.operation("pack", OperationKind.LIFT_PACK_OUT, null, true, "free"));
        return new DeviceModel(
                new DeviceModel.Identity(
                        plain.identity().id(),
                        plain.identity().name(),
                        plain.identity().codes(),
                        plain.identity().kind(),
                        null),
                new DeviceModel.Housing(
                        plain.housing().mounting(), plain.housing().seamNominalMm(), leads, null),
                plain.pack(),
                new Anatomy(
                        operations,
                        plain.anatomy().targets(),
                        List.of(new DeviceModel.Target("plug", "plug")),
                        plain.anatomy().faces(),
                        List.of(),
                        bond == null ? List.of() : List.of(bond)),
                plain.checks(),
                plain.afterwards(),
                List.of(),
                List.of());
    }
}
