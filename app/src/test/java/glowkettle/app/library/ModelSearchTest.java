package glowkettle.app.library;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.library.DeviceModel;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningKettle.class)
class ModelSearchTest {
    private final List<DeviceModel> models;

    ModelSearchTest(Kettle kettle) {
        this.models = List.copyOf(kettle.bean(ModelLibrary.class).all());
    }

    @ParameterizedTest
    @CsvSource({
        "gannet, gannet-14",
        "ganet, gannet-14",
        "14 gannet, gannet-14",
        "flq-2214, gannet-14",
        "FLQ2214, gannet-14",
        "chart, fulmar-13",
        "fulmr 13, fulmar-13",
        "DL-7, dunlin",
        "comrorant, cormorant-17"
    })
    void whatIsMeantStandsFirst(String typed, String id) {
        assertThat(ModelSearch.find(models, typed, 8))
                .first()
                .extracting(model -> model.identity().id())
                .isEqualTo(id);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "?!", "zzzz", "gannet zzzz"})
    void whatNobodyIsCalledFindsNothing(String typed) {
        assertThat(ModelSearch.find(models, typed, 8)).isEmpty();
    }

    @Test
    void ofHundredsOnlyTheNearestAreShown() {
        DeviceModel pattern = models.getFirst();
        List<DeviceModel> hundreds = IntStream.range(0, 500)
                .mapToObj(nth -> pattern.named(
                        "m-" + nth,
                        "Auk %s bridge set".formatted(nth),
                        List.of("AU-" + nth),
                        pattern.anatomy().operations()))
                .toList();

        assertThat(ModelSearch.find(hundreds, "auk 417", 8))
                .first()
                .extracting(model -> model.identity().id())
                .isEqualTo("m-417");
        assertThat(ModelSearch.find(hundreds, "auk", 8)).hasSize(8);
    }
}
