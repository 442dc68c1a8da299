package glowkettle.library;

import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import glowkettle.finding.Within;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * A device model: what must be known to open it, fit its pack and close it again. Read and written as JSON, one file
 * each; {@link ModelCheck} says what is wrong with one.
 *
 * @param variants devices that open alike and take another pack, each told by codes of its own
 * @param voltageCurve rested voltage against charge where it is known better than the shop's table; empty where it is not
 * @param afterwards what the owner will notice and need not fear
 */
public record DeviceModel(
        @Flat Identity identity,
        @Flat Housing housing,
        PackData pack,
        @Flat Anatomy anatomy,
        List<Check> checks,
        List<String> afterwards,
        List<Variant> variants,
        List<OwnCurve.Point> voltageCurve) {
    private static final String TOUCH_PANEL = "touch panel";

    public DeviceModel {
        checks = List.copyOf(checks);
        afterwards = List.copyOf(afterwards);
        variants = List.copyOf(variants);
        voltageCurve = List.copyOf(voltageCurve);
    }

    /**
     * What it is known by.
     *
     * @param codes model or regulatory codes it is found by
     * @param family true for a generic family, whose pack is not known until its label was read
     */
    public record Identity(
            String id,
            String name,
            List<String> codes,
            String kind,
            @Nullable Boolean family) {
        public Identity {
            codes = List.copyOf(codes);
        }
    }

    /**
     * How the device holds its pack.
     *
     * @param shippingMode how the pack is cut off by the device itself, in words; null when it has no such mode
     * @param plug of the pack; null where nobody described it
     */
    public record Housing(
            Mounting mounting,

            @Nullable @Within(min = "0", max = "5", unit = "mm")
            BigDecimal seamNominalMm,

            @Nullable Leads leads,
            @Nullable String shippingMode,
            @Nullable Plug plug,
            @Flat Seat seat) {
        public Housing(
                Mounting mounting,
                @Nullable BigDecimal seamNominalMm,
                @Nullable Leads leads,
                @Nullable String shippingMode) {
            this(mounting, seamNominalMm, leads, shippingMode, null, Seat.PLAIN);
        }

        private Housing with(Leads found) {
            return new Housing(mounting, seamNominalMm, found, shippingMode, plug, seat);
        }
    }

    /** What lies ahead of whoever opens it. */
    public Hardness hardness() {
        return Hardness.of(this);
    }

    /** Opens as its model does and takes a pack of its own. */
    public record Variant(
            @Says(value = "What tells it apart", longest = 60)
            String name,

            @Says(value = "Codes it is found by", longest = 40)
            List<String> codes,

            PackData pack) {
        public Variant {
            codes = List.copyOf(codes);
        }

        public boolean isCoded(String code) {
            return codes.stream().anyMatch(known -> known.equalsIgnoreCase(code.strip()));
        }
    }

    /** With the pack of the variant that carries a code; as it is where none does. Codes are asked for, not names. */
    public DeviceModel coded(String code) {
        return variants.stream()
                .filter(variant -> variant.isCoded(code))
                .findFirst()
                .map(variant -> copy(
                        new Identity(
                                identity.id(),
                                identity.name() + ", " + variant.name(),
                                identity.codes(),
                                identity.kind(),
                                identity.family()),
                        variant.pack(),
                        anatomy))
                .orElse(this);
    }

    /** Carries this code itself, or has a variant that does. */
    public boolean isFoundBy(String code) {
        return identity.codes().stream().anyMatch(known -> known.equalsIgnoreCase(code.strip()))
                || variants.stream().anyMatch(variant -> variant.isCoded(code));
    }

    /** Something else than the pack that this teardown can reach. */
    public record Target(String name, String operation) {}

    /** A function to prove: always, or only when the operation that carries its name was done. */
    public record Check(
            String function, String question, @Nullable String expect, boolean always) {}

    /** Only what has a touch panel is asked for its click. */
    public boolean hasTouchPanel() {
        return isFamily()
                || checks.stream().anyMatch(check -> check.function().equals(TOUCH_PANEL))
                || anatomy.operations().stream()
                        .anyMatch(
                                operation -> TOUCH_PANEL.equals(operation.care().function()));
    }

    public boolean isFamily() {
        return Boolean.TRUE.equals(identity.family());
    }

    /** The same teardown around a pack that is known. */
    public DeviceModel with(OldPack old) {
        return copy(
                new Identity(identity.id(), identity.name(), identity.codes(), identity.kind(), null),
                old.in(pack),
                anatomy);
    }

    /** The same model with its steps as long as they took, and its fasteners as they were found. */
    public DeviceModel with(UnaryOperator<Operation> learnt, UnaryOperator<Fastener> found) {
        return copy(
                identity,
                pack,
                anatomy.with(
                        anatomy.operations().stream().map(learnt).toList(),
                        anatomy.fasteners().stream().map(found).toList()));
    }

    /** A model of its own, from what was learnt with a family. */
    public DeviceModel named(String newId, String newName, List<String> newCodes, List<Operation> learnt) {
        return copy(
                new Identity(newId, newName, newCodes, identity.kind(), null),
                pack,
                anatomy.with(learnt, anatomy.fasteners()));
    }

    /** The same, by the name that somebody gave it at the counter. */
    public DeviceModel called(String name) {
        return copy(
                new Identity(identity.id(), name, identity.codes(), identity.kind(), identity.family()), pack, anatomy);
    }

    /** The same device, its pack held by these leads. */
    public DeviceModel held(Leads leads) {
        return new DeviceModel(
                identity, housing.with(leads), pack, anatomy, checks, afterwards, variants, voltageCurve);
    }

    /** The same device, opened in another way. */
    public DeviceModel opened(Anatomy other) {
        return copy(identity, pack, other);
    }

    /** The same device with one bond more. */
    public DeviceModel glued(Bond bond) {
        return copy(identity, pack, anatomy.with(bond));
    }

    private DeviceModel copy(Identity newIdentity, PackData newPack, Anatomy newAnatomy) {
        return new DeviceModel(newIdentity, housing, newPack, newAnatomy, checks, afterwards, variants, voltageCurve);
    }

    public Optional<Leads> leadsOf(String operationId) {
        return Optional.ofNullable(housing.leads())
                .filter(held -> held.operation().equals(operationId));
    }
}
