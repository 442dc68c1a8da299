package glowkettle.app.library;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.binding.Part;
import glowkettle.app.schema.Schemas;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.fit.PackVoltage;
import glowkettle.heat.Adhesive;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Setting;
import glowkettle.heat.SettingSearch;
import glowkettle.library.Bond;
import glowkettle.library.DeviceModel;
import glowkettle.library.Fastener;
import glowkettle.library.Operation;
import glowkettle.library.OperationKind;
import glowkettle.limits.ShopLimits;
import glowkettle.open.Refit;
import glowkettle.open.Teardown;
import glowkettle.open.TeardownPlan;
import glowkettle.open.WayBack;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Every model that ships is planned, there and back. */
@ExtendWith(RunningKettle.class)
class LibraryTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private final ModelLibrary library;

    LibraryTest(Kettle kettle) {
        library = kettle.bean(ModelLibrary.class);
    }

    private static TeardownPlan plan(DeviceModel model) {
        return plan(model, model.anatomy().targets());
    }

    private static TeardownPlan plan(DeviceModel model, List<String> targets) {
        return Teardown.plan(new Teardown.Request(model.anatomy().operations(), targets, null), LIMITS)
                .result();
    }

    /** Everything the model can reach, at once. */
    private static List<String> everyTarget(DeviceModel model) {
        return Stream.concat(
                        model.anatomy().targets().stream(),
                        model.anatomy().otherTargets().stream().map(DeviceModel.Target::operation))
                .toList();
    }

    /** Whatever is glued is tried, glued and pressed, each once and in this order; nothing is asked twice. */
    @Test
    void onTheWayBackOfEveryModelNothingIsGluedBeforeItIsTriedNorPressedTwice() {
        assertThat(library.all()).allSatisfy(model -> {
            List<String> in = plan(model, everyTarget(model)).order();
            List<WayBack.Step> back = WayBack.plan(
                            new WayBack.Request(model.anatomy().operations(), in, Refit.of(model, in, true, false)),
                            LIMITS)
                    .result()
                    .steps();
            List<String> ids = back.stream().map(WayBack.Step::id).toList();
            assertThat(ids).doesNotHaveDuplicates();
            assertThat(back).extracting(WayBack.Step::label).doesNotHaveDuplicates();
            for (Bond bond : model.anatomy().bonds()) {
                int glued = ids.indexOf(WayBack.ADHESIVE + bond.operation());
                int asked = ids.indexOf("before-" + bond.operation());
                int pressed = ids.indexOf(
                        bond.layers().stack().adhesive().isSeam()
                                ? WayBack.RIM + bond.operation()
                                : WayBack.PACK_PRESSED);
                if (glued >= 0 && pressed >= 0) {
                    assertThat(asked).isLessThan(glued);
                    assertThat(ids.indexOf(WayBack.PLUG_TRIED)).isLessThanOrEqualTo(glued);
                    assertThat(glued).isLessThan(pressed);
                    assertThat(ids).doesNotContain(bond.operation());
                }
            }
        });
    }

    @Test
    void everyModelIsPlannedToAProvenOptimum() {
        assertThat(library.all().stream().filter(model -> !model.isFamily())).hasSizeGreaterThanOrEqualTo(9);
        assertThat(library.all()).allSatisfy(model -> {
            TeardownPlan plan = plan(model);
            assertThat(plan.proven()).as(model.identity().name()).isTrue();
            assertThat(plan.steps()).hasSizeGreaterThan(3);
        });
    }

    @Test
    void whateverComesOffGoesOnAgain() {
        assertThat(library.all()).allSatisfy(model -> {
            List<String> in = plan(model, everyTarget(model)).order();
            List<String> back =
                    WayBack.plan(new WayBack.Request(model.anatomy().operations(), in), LIMITS)
                            .result()
                            .steps()
                            .stream()
                            .filter(step -> !step.check() && !step.id().startsWith(WayBack.ADHESIVE))
                            .map(WayBack.Step::id)
                            .toList();
            List<String> expected = model.anatomy().operations().stream()
                    .filter(operation -> in.contains(operation.id()))
                    .filter(operation -> operation.goesBack() && operation.kind() != OperationKind.POWER_OFF)
                    .map(operation -> operation.id())
                    .toList();
            assertThat(back).as(model.identity().name()).containsExactlyInAnyOrderElementsOf(expected);
            assertThat(model.anatomy().fasteners())
                    .extracting(Fastener::operation)
                    .allMatch(back::contains);
        });
    }

    /** The pack is what everything waits for: laid onto its adhesive, plugged in when all other plugs are. */
    @Test
    void newAdhesiveLiesBeforeThePartItHoldsAndThePacksPlugIsTheLastOfAll() {
        assertThat(library.all()).allSatisfy(model -> {
            List<String> in = plan(model, everyTarget(model)).order();
            List<String> back =
                    WayBack.plan(new WayBack.Request(model.anatomy().operations(), in), LIMITS)
                            .result()
                            .steps()
                            .stream()
                            .map(WayBack.Step::id)
                            .toList();
            for (Operation operation : done(model, in)) {
                boolean glued = operation.back() != null && operation.back().adhesive() != null;
                assertThat(back.contains(WayBack.ADHESIVE + operation.id()))
                        .as(model.identity().name() + ", " + operation.id())
                        .isEqualTo(glued);
                if (glued) {
                    assertThat(back.indexOf(WayBack.ADHESIVE + operation.id()))
                            .as(model.identity().name() + ", " + operation.id())
                            .isLessThan(back.indexOf(operation.id()));
                }
                if (operation.kind().disconnects()) {
                    assertThat(done(model, in))
                            .filteredOn(other -> other.kind().plugs() && other.goesBack())
                            .extracting(other -> back.indexOf(other.id()))
                            .as(model.identity().name())
                            .allMatch(place -> place < back.indexOf(operation.id()));
                }
            }
            for (Bond bond : model.anatomy().bonds()) {
                assertThat(model.anatomy()
                                .operation(bond.operation())
                                .orElseThrow()
                                .back())
                        .as(model.identity().name() + ", " + bond.place() + " gets new adhesive")
                        .satisfies(way -> assertThat(way).isNotNull())
                        .satisfies(way -> assertThat(way.adhesive()).isNotNull());
            }
        });
    }

    private static List<Operation> done(DeviceModel model, List<String> in) {
        return model.anatomy().operations().stream()
                .filter(operation -> in.contains(operation.id()))
                .toList();
    }

    @Test
    void everyStepBackIsInItsOwnWords() {
        assertThat(library.all()).allSatisfy(model -> {
            List<String> in = plan(model).order();
            assertThat(WayBack.plan(new WayBack.Request(model.anatomy().operations(), in), LIMITS)
                            .result()
                            .steps())
                    .allSatisfy(step -> assertThat(step.label())
                            .as(model.identity().name())
                            .doesNotContain(": L")
                            .doesNotContain(": U")
                            .doesNotContain(": P"));
        });
    }

    @Test
    void thePackOfEveryModelFitsItsOwnBayAndVoltage() {
        assertThat(library.all()).filteredOn(model -> !model.isFamily()).allSatisfy(model -> {
            var pack = model.pack();
            var outcome = PackVoltage.read(
                            new PackVoltage.Label(
                                    pack.ratings().nominalV(),
                                    pack.ratings()
                                            .chargeLimitV()
                                            .multiply(pack.ratings().series())),
                            LIMITS)
                    .result();
            assertThat(outcome)
                    .as(model.identity().name())
                    .isInstanceOfSatisfying(
                            PackVoltage.Outcome.Known.class,
                            known -> assertThat(known.option().series())
                                    .isEqualTo(pack.ratings().series().intValue()));
            assertThat(pack.bay().thicknessMm()).isGreaterThan(pack.size().thicknessMm());
        });
    }

    @Test
    void aModelIsFoundByAnyOfItsCodesHoweverTyped() {
        assertThat(library.findByCode(" gn14-b "))
                .hasValueSatisfying(model -> assertThat(model.identity().id()).isEqualTo("gannet-14"));
        assertThat(library.findByCode("GN14")).isEmpty();
    }

    @Test
    void everyTargetIsReachedAloneAndTogetherWithTheDisconnectFirst() {
        assertThat(library.all()).allSatisfy(model -> {
            for (String target : everyTarget(model)) {
                assertThat(plan(model, List.of(target)).order())
                        .as(model.identity().name())
                        .contains(target);
            }
            TeardownPlan all = plan(model, everyTarget(model));
            assertThat(all.proven()).isTrue();
            assertThat(all.order()).containsAll(everyTarget(model));
        });
    }

    @Test
    void everyHeatedBondHasASettingThatBearsDoubtOrIsKnownToHaveNone() {
        for (DeviceModel model : library.all()) {
            for (Bond bond : model.anatomy().bonds()) {
                if (bond.layers().stack().adhesive() != Adhesive.STRETCH_STRIPS) {
                    HeatWindow.Request request = new HeatWindow.Request(
                            bond.layers().stack(),
                            new Setting(Setting.Source.MAT, BigDecimal.valueOf(60), Setting.Face.BELOW, null),
                            BigDecimal.valueOf(21),
                            List.of(),
                            null,
                            null);
                    assertThat(SettingSearch.of(request, LIMITS).result().offers())
                            .as(model.identity().name() + ", " + bond.place())
                            .first()
                            .matches(SettingSearch.Offer::tolerant);
                }
            }
        }
    }

    @Test
    void aModelWrittenAsAFileIsReadAgainAsItWas() {
        assertThat(library.all()).allSatisfy(model -> {
            ModelFile.Read read = ModelFile.read(ModelFile.write(model));
            assertThat(read.faults()).isEmpty();
            assertThat(ModelFile.write(read.orElseThrow())).isEqualTo(ModelFile.write(model));
        });
    }

    private ModelFile.Read dunlinWith(String... codes) {
        JsonMapper mapper = new JsonMapper();
        ObjectNode model = (ObjectNode) mapper.readTree(ModelFile.write(library.model("dunlin")));
        ObjectNode variant = model.putArray("variants").addObject();
        variant.put("name", "long pack").set("codes", mapper.valueToTree(codes));
        variant.set("pack", ((ObjectNode) model.get("pack").deepCopy()).put("capacityMah", 4321));
        return ModelFile.readLoosely(model.toPrettyString());
    }

    @Test
    void aVariantIsToldByItsCodeAloneAndBringsItsOwnPack() {
        DeviceModel model = dunlinWith("DL-7L").orElseThrow();

        assertThat(model.coded("dl-7l ").pack().ratings().capacityMah()).isEqualByComparingTo("4321");
        assertThat(model.coded("dl-7l").identity().name())
                .isEqualTo(model.identity().name() + ", long pack");
        assertThat(model.coded("DL-7")).isSameAs(model);
        assertThat(model.isFoundBy("DL-7L")).isTrue();
        assertThat(ModelSearch.find(List.of(model), "7L", 8)).containsExactly(model);
    }

    @Test
    void aVariantThatNobodyCouldTellIsRefused() {
        assertThat(dunlinWith().faults().toString()).contains("'long pack' has no code");
        assertThat(dunlinWith("DL-7").faults().toString()).contains("'DL-7' stands twice");
    }

    @Test
    void aBadFileIsRefusedWithLinePathAndReason() {
        String sound = ModelFile.write(library.model("dunlin"));
        assertThat(ModelFile.read(sound.substring(0, 400)).faults())
                .singleElement()
                .satisfies(fault -> assertThat(fault.reason()).startsWith("This is not JSON"));
        assertFault(
                sound.replaceFirst("\"minutes\" : 0.4", "\"minutes\" : -0.4"), "operations[1].minutes", "out of range");
        assertFault(
                sound.replaceFirst("\"kind\" : \"LIFT_PART\"", "\"kind\" : \"LIFT_OFF\""),
                "operations[1].kind",
                "LIFT_OFF");
        assertFault(sound.replaceFirst("\"strap\"\\s*]", "\"strop\" ]"), "", "'strop', which does not exist");
        assertFault(sound.replaceFirst("\"xMm\" : 12,", "\"xMm\" : 120,"), "", "lies off its face");
        assertFault(sound.replaceFirst("\"pack\" :", "\"battery\" :"), "battery", "is not known here");
    }

    /** The line is the one that was changed. */
    private static void assertFault(String json, String path, String reason) {
        List<ModelFile.Mistake> faults = ModelFile.read(json).faults();
        assertThat(faults).anySatisfy(fault -> {
            assertThat(fault.path()).isEqualTo(path);
            assertThat(fault.reason()).contains(reason);
            String line = json.split("\n")[fault.line() - 1];
            String last = path.isEmpty() ? "" : path.replaceAll(".*[.]", "");
            assertThat(line).contains(last);
        });
    }

    @Test
    void theSchemaNamesEveryFieldOfAModelWithItsRange() {
        String schema = Schemas.of(DeviceModel.class, "Model");
        for (Part part : Part.of(DeviceModel.class)) {
            assertThat(schema).contains("\"" + part.name() + "\"");
        }
        assertThat(schema).contains("thicknessMm").contains("\"maximum\" : 50").contains("STRETCH_STRIPS");
    }

    @Test
    void stepsThatWaitForEachOtherAreDrawnAndMarked() {
        String circling = ModelFile.write(library.model("dunlin"))
                .replaceFirst("\"after\" : \\[ \"power-off\" ]", "\"after\" : [ \"door\" ]");
        TeardownGraph graph = TeardownGraph.of(
                java.util.Objects.requireNonNull(ModelFile.readLoosely(circling).model())
                        .anatomy()
                        .operations());
        assertThat(graph.nodes()).hasSize(5);
        assertThat(graph.lines().stream().filter(TeardownGraph.Line::circling)).hasSize(3);
    }
}
