package glowkettle.library;

import glowkettle.cell.Chemistry;
import glowkettle.heat.Adhesive;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Says what is wrong with a model before anybody works by it. */
public final class ModelCheck {
    private static final int MOST_OPERATIONS = 200;
    private static final int MOST_FASTENERS = 300;
    private static final int MOST_PARTS = 60;

    private ModelCheck() {}

    public static List<String> faults(DeviceModel model) {
        List<String> faults = tooMany(model);
        if (!faults.isEmpty()) {
            return faults;
        }
        Set<String> names = new HashSet<>();
        for (Operation operation : model.anatomy().operations()) {
            if (!names.add(operation.id())) {
                faults.add("The operation '%s' stands twice".formatted(operation.id()));
            }
        }
        model.anatomy().operations().stream()
                .map(operation -> operation.order().choice())
                .filter(java.util.Objects::nonNull)
                .forEach(names::add);
        for (Operation operation : model.anatomy().operations()) {
            operation.order().after().stream()
                    .filter(before -> !names.contains(before))
                    .forEach(before -> faults.add(
                            "'%s' comes after '%s', which does not exist".formatted(operation.id(), before)));
        }
        long disconnects = model.anatomy().operations().stream()
                .filter(operation -> operation.kind().disconnects())
                .count();
        if (disconnects != 1) {
            faults.add("%s operations disconnect the pack; exactly one must".formatted(disconnects));
        }
        model.anatomy().targets().stream()
                .filter(target -> !names.contains(target))
                .forEach(target -> faults.add("The target '%s' does not exist".formatted(target)));
        circle(model.anatomy().operations())
                .ifPresent(circle ->
                        faults.add("These wait for each other in a circle: %s".formatted(String.join(" → ", circle))));
        model.anatomy().otherTargets().stream()
                .filter(target -> model.anatomy().operation(target.operation()).isEmpty())
                .forEach(target -> faults.add("The target '%s' is reached by '%s', which does not exist"
                        .formatted(target.name(), target.operation())));
        if (model.anatomy().targets().isEmpty()) {
            faults.add("Nothing is to be reached: name at least one target");
        }
        voltage(model.pack().ratings(), faults);
        areas(model, faults);
        fasteners(model, faults);
        bonds(model, faults);
        leads(model, faults);
        variants(model, faults);
        OwnCurve.fault(model.voltageCurve()).ifPresent(faults::add);
        return faults;
    }

    /** The nominal voltage shared by the cells is one that a cell has. */
    private static void voltage(Ratings ratings, List<String> faults) {
        BigDecimal perCell = ratings.nominalV().divide(ratings.series(), MathContext.DECIMAL64);
        boolean known = Chemistry.bands(ShopLimits.defaults()).stream()
                .anyMatch(band ->
                        perCell.compareTo(band.nominalFromV()) >= 0 && perCell.compareTo(band.nominalToV()) <= 0);
        if (!known) {
            faults.add("%s V over %s cells in series is no voltage of a lithium cell"
                    .formatted(ratings.nominalV(), ratings.series()));
        }
    }

    /** More than any device has, and more than is drawn or planned while somebody waits. */
    private static List<String> tooMany(DeviceModel model) {
        List<String> faults = new ArrayList<>();
        atMost(MOST_OPERATIONS, model.anatomy().operations(), "operations", faults);
        atMost(MOST_FASTENERS, model.anatomy().fasteners(), "fasteners", faults);
        atMost(MOST_PARTS, model.anatomy().faces(), "faces", faults);
        atMost(MOST_PARTS, model.anatomy().bonds(), "bonds", faults);
        atMost(MOST_PARTS, model.anatomy().otherTargets(), "other targets", faults);
        atMost(MOST_PARTS, model.checks(), "checks", faults);
        atMost(MOST_PARTS, model.variants(), "variants", faults);
        model.anatomy()
                .operations()
                .forEach(operation -> atMost(
                        MOST_PARTS,
                        operation.order().after(),
                        "prerequisites of '%s'".formatted(operation.id()),
                        faults));
        return faults;
    }

    private static void atMost(int most, List<?> list, String what, List<String> faults) {
        if (list.size() > most) {
            faults.add("%s %s; at most %s are taken".formatted(list.size(), what, most));
        }
    }

    /** Operations that each wait for the one before them, the first one again at the end; empty when none do. */
    public static Optional<List<String>> circle(List<Operation> operations) {
        Map<String, List<String>> before = new LinkedHashMap<>();
        for (Operation operation : operations) {
            before.put(
                    operation.id(),
                    operations.stream()
                            .filter(operation::waitsFor)
                            .map(Operation::id)
                            .toList());
        }
        Set<String> clear = new HashSet<>();
        for (String id : before.keySet()) {
            List<String> path = new ArrayList<>();
            if (walksInCircle(id, before, path, clear)) {
                return Optional.of(
                        path.subList(path.indexOf(path.getLast()), path.size()).reversed());
            }
        }
        return Optional.empty();
    }

    private static boolean walksInCircle(
            String id, Map<String, List<String>> before, List<String> path, Set<String> clear) {
        if (clear.contains(id)) {
            return false;
        }
        boolean met = path.contains(id);
        path.add(id);
        if (met) {
            return true;
        }
        for (String earlier : before.getOrDefault(id, List.of())) {
            if (walksInCircle(earlier, before, path, clear)) {
                return true;
            }
        }
        path.removeLast();
        clear.add(id);
        return false;
    }

    /** A code says one pack; a variant without one could never be told. */
    private static void variants(DeviceModel model, List<String> faults) {
        Set<String> codes = new HashSet<>();
        model.identity().codes().forEach(code -> codes.add(code.toUpperCase(Locale.ROOT)));
        for (DeviceModel.Variant variant : model.variants()) {
            if (variant.codes().isEmpty()) {
                faults.add("The variant '%s' has no code, so nobody can tell it".formatted(variant.name()));
            }
            variant.codes().stream()
                    .filter(code -> !codes.add(code.toUpperCase(Locale.ROOT)))
                    .forEach(code -> faults.add("The code '%s' stands twice".formatted(code)));
        }
    }

    private static void bonds(DeviceModel model, List<String> faults) {
        for (Bond bond : model.anatomy().bonds()) {
            boolean loosens = model.anatomy()
                    .operation(bond.operation())
                    .filter(operation -> operation.kind() == OperationKind.CUT_ADHESIVE
                            || operation.kind() == OperationKind.FREE_PACK)
                    .isPresent();
            if (!loosens) {
                faults.add("The bond '%s' belongs to '%s', which loosens no adhesive"
                        .formatted(bond.place(), bond.operation()));
            }
            bond.layers()
                    .stack()
                    .fault()
                    .ifPresent(fault -> faults.add("The bond '%s': %s".formatted(bond.place(), fault)));
            if (bond.layers().stack().adhesive() == Adhesive.STRETCH_STRIPS && bond.strips() == null) {
                faults.add("The bond '%s' does not say how many strips it has".formatted(bond.place()));
            }
        }
    }

    private static void leads(DeviceModel model, List<String> faults) {
        Leads leads = model.housing().leads();
        if (leads == null) {
            return;
        }
        if (model.anatomy().operation(leads.operation()).isEmpty()) {
            faults.add("The leads belong to '%s', which does not exist".formatted(leads.operation()));
        }
        Set<String> ids = new HashSet<>();
        for (Lead lead : leads.leads()) {
            if (!ids.add(lead.id())) {
                faults.add("The lead '%s' stands twice".formatted(lead.id()));
            }
            if (lead.xMm().compareTo(leads.widthMm()) > 0 || lead.yMm().compareTo(leads.heightMm()) > 0) {
                faults.add("The lead '%s' lies off its drawing".formatted(lead.id()));
            }
        }
        Set<String> pads = new HashSet<>();
        leads.leads().stream()
                .filter(lead -> !pads.add(lead.pad()))
                .forEach(lead -> faults.add("Two leads go to pads of one mark, '%s'".formatted(lead.pad())));
        for (Lead.Role pole : List.of(Lead.Role.POSITIVE, Lead.Role.NEGATIVE)) {
            if (leads.leads().stream().noneMatch(lead -> lead.role() == pole)) {
                faults.add("No lead is the %s one".formatted(pole.name().toLowerCase(Locale.ROOT)));
            }
        }
        boolean untold = leads.leads().stream().anyMatch(lead -> lead.role() == Lead.Role.SIGNAL);
        long signals =
                leads.leads().stream().filter(lead -> lead.role().isSignal()).count();
        if (untold && signals > 1) {
            faults.add("Of several signal leads, say which is the thermistor's and which the identity resistor's");
        }
    }

    /** Hands are shown where they go: only where the face is, and for steps that there are. */
    private static void areas(DeviceModel model, List<String> faults) {
        for (FaceMap face : model.anatomy().faces()) {
            for (FaceMap.Area area : face.areas()) {
                if (area.xMm().add(area.widthMm()).compareTo(face.widthMm()) > 0
                        || area.yMm().add(area.heightMm()).compareTo(face.heightMm()) > 0) {
                    faults.add("The area '%s' lies off its face".formatted(area.name()));
                }
                area.steps().stream()
                        .filter(step -> model.anatomy().operation(step).isEmpty())
                        .forEach(step ->
                                faults.add("The area '%s' is for '%s', which is no step".formatted(area.name(), step)));
            }
        }
    }

    /** Whatever comes off goes on again: a fastener belongs to an operation that loosens and that has a way back. */
    private static void fasteners(DeviceModel model, List<String> faults) {
        Set<String> ids = new HashSet<>();
        for (Fastener fastener : model.anatomy().fasteners()) {
            if (!ids.add(fastener.id())) {
                faults.add("The fastener '%s' stands twice".formatted(fastener.id()));
            }
            boolean loosened = fastener.operation() != null
                    && model.anatomy()
                            .operation(fastener.operation())
                            .filter(operation ->
                                    operation.kind() == OperationKind.LOOSEN_FASTENERS && operation.goesBack())
                            .isPresent();
            if (!loosened) {
                faults.add("The fastener '%s' belongs to no operation that loosens it and puts it back"
                        .formatted(fastener.id()));
            }
            boolean onMap = model.anatomy().faces().stream()
                    .anyMatch(face -> face.side() == fastener.spot().face()
                            && fastener.spot().xMm().compareTo(face.widthMm()) <= 0
                            && fastener.spot().yMm().compareTo(face.heightMm()) <= 0);
            if (!onMap) {
                faults.add("The fastener '%s' lies off its face".formatted(fastener.id()));
            }
        }
        // Of a family nobody knows its screws.
        model.anatomy().operations().stream()
                .filter(operation -> !model.isFamily() && operation.kind() == OperationKind.LOOSEN_FASTENERS)
                .filter(operation -> model.anatomy().fastenersOf(operation.id()).isEmpty())
                .forEach(operation -> faults.add("'%s' loosens nothing".formatted(operation.id())));
    }
}
