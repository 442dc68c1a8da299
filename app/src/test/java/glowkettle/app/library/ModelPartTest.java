package glowkettle.app.library;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.library.DeviceModel;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever a model holds can be opened and drawn. */
@ExtendWith(RunningKettle.class)
class ModelPartTest {
    private static final Pattern DRAWN = Pattern.compile("([MVH])([0-9.]+)(?: ([0-9.]+))?");

    private final List<DeviceModel> models;

    ModelPartTest(Kettle kettle) {
        this.models = List.copyOf(kettle.bean(ModelLibrary.class).all());
    }

    private static Stream<String> each(String list, List<?> held) {
        return IntStream.range(0, held.size()).mapToObj(nth -> list + "[" + nth + "]");
    }

    @Test
    void everyPartOfEveryModelCanBeOpened() {
        for (DeviceModel model : models) {
            Stream<String> paths = Stream.of(
                            Stream.of("device"),
                            each("operations", model.anatomy().operations()),
                            each("bonds", model.anatomy().bonds()),
                            each("fasteners", model.anatomy().fasteners()),
                            IntStream.range(0, model.anatomy().bonds().size())
                                    .boxed()
                                    .flatMap(nth -> each(
                                            "bonds[" + nth + "].stack.cell",
                                            model.anatomy()
                                                    .bonds()
                                                    .get(nth)
                                                    .layers()
                                                    .stack()
                                                    .cell())),
                            IntStream.range(0, model.anatomy().faces().size())
                                    .boxed()
                                    .flatMap(nth -> Stream.concat(
                                            each(
                                                    "faces[" + nth + "].areas",
                                                    model.anatomy()
                                                            .faces()
                                                            .get(nth)
                                                            .areas()),
                                            each(
                                                    "faces[" + nth + "].seamPoints",
                                                    model.anatomy()
                                                            .faces()
                                                            .get(nth)
                                                            .seamPoints()))))
                    .flatMap(part -> part);

            assertThat(paths).allSatisfy(path -> {
                ModelPart part = ModelPart.at(model, path).orElseThrow();
                assertThat(part.groups()).isNotEmpty();
                assertThat(part.groups().getFirst().asked())
                        .allSatisfy(asked -> assertThat(asked.path()).startsWith(path.equals("device") ? "" : path));
            });
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "operations",
                "operations[999]",
                "operations[0].after[0]",
                "nothing[0]",
                "a.b.c.d.e.f.g",
                "bonds[0]..x",
                "pack.nominalV"
            })
    void whatIsNoPartOpensNothing(String path) {
        assertThat(ModelPart.at(models.getFirst(), path)).isEmpty();
    }

    /** Words stay free: a line of the graph touches no step but its own two. */
    @Test
    void noLineOfATeardownRunsOverAStep() {
        for (DeviceModel model : models) {
            TeardownGraph graph = TeardownGraph.of(model.anatomy().operations());
            for (TeardownGraph.Line line : graph.lines()) {
                for (Line2D stroke : strokes(line.path())) {
                    assertThat(graph.nodes().stream()
                                    .filter(node -> !node.operation().id().equals(line.before())
                                            && !node.operation().id().equals(line.after()))
                                    .filter(node -> stroke.intersects(
                                            new Rectangle2D.Double(node.x(), node.y(), node.width(), node.height()))))
                            .as("%s: %s to %s", model.identity().name(), line.before(), line.after())
                            .isEmpty();
                }
            }
        }
    }

    private static List<Line2D> strokes(String path) {
        List<Line2D> strokes = new ArrayList<>();
        double x = 0;
        double y = 0;
        Matcher drawn = DRAWN.matcher(path);
        while (drawn.find()) {
            double figure = Double.parseDouble(drawn.group(2));
            double toX = drawn.group(1).equals("V") ? x : figure;
            double toY = drawn.group(1).equals("M")
                    ? Double.parseDouble(drawn.group(3))
                    : drawn.group(1).equals("V") ? figure : y;
            if (!drawn.group(1).equals("M")) {
                strokes.add(new Line2D.Double(x, y, toX, toY));
            }
            x = toX;
            y = toY;
        }
        assertThat(strokes).isNotEmpty();
        return strokes;
    }
}
