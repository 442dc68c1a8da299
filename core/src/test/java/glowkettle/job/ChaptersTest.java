package glowkettle.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import glowkettle.job.order.OrderOfWork;
import glowkettle.shop.OpeningHours;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What a stage must say of its entries before the product starts at all. */
class ChaptersTest {
    private static final Traits TRAITS = new Traits(
            Traits.Source.FORM,
            Traits.Mended.TAKEN_BACK,
            Traits.Reads.NO_READING,
            Traits.Signed.UNTIL_SIGNED,
            Traits.Hands.NO_TRAINEE_IN_DANGER,
            Traits.Holds.UNTIL_TAKEN_BACK,
            Traits.Then.GOES_ON,
            Traits.Opens.NOTHING);

    private sealed interface Toy extends Entry {
        record Wound() implements Toy {}

        record Dropped() implements Toy {}
    }

    private record ToyChapter(List<Kind<? extends Toy>> kinds) implements Chapter<Toy> {
        @Override
        public Class<Toy> entries() {
            return Toy.class;
        }

        @Override
        public Stage stage() {
            return new Stage("Toy", "toy");
        }

        @Override
        public Optional<NextThing> next(JobFile job) {
            return Optional.empty();
        }

        @Override
        public List<Call> calls(JobFile job, OpeningHours hours) {
            return List.of();
        }
    }

    private static <E extends Entry> Kind<E> kind(String id, Class<E> type) {
        return Kind.of(id, type, TRAITS, Spark.HARMLESS, Firmness.LOOSE)
                .says("toy")
                .tellsNothing()
                .admitsAny();
    }

    private static final Kind<Toy.Wound> WOUND = kind("wound", Toy.Wound.class);
    private static final Kind<Toy.Dropped> DROPPED = kind("dropped", Toy.Dropped.class);

    @Test
    void anEntryThatIsNoKindIsNotedBeforeAnythingStarts() {
        assertThatThrownBy(() -> new Chapters(List.of(new ToyChapter(List.of(WOUND)))))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("Dropped");
    }

    @Test
    void twoKindsNeverShareAnId() {
        assertThatThrownBy(() ->
                        new Chapters(List.of(new ToyChapter(List.of(WOUND, kind("wound", Toy.Dropped.class))))))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("'wound' is listed twice");
    }

    @Test
    void anEntryOfNoChapterIsRefusedByName() {
        assertThatThrownBy(() -> OrderOfWork.CHAPTERS.of(new Toy.Wound()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("Wound");
        assertThat(new Chapters(List.of(new ToyChapter(List.of(WOUND, DROPPED)))).id(new Toy.Wound()))
                .isEqualTo("wound");
    }

    @Test
    void everyEntryThereIsStandsInTheOrderOfWork() {
        JavaClasses product = new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("glowkettle");
        Set<String> entries = product.stream()
                .filter(one -> one.isRecord() && one.isAssignableTo(Entry.class))
                .map(JavaClass::getName)
                .collect(Collectors.toSet());
        assertThat(OrderOfWork.CHAPTERS.kinds().stream().map(kind -> kind.type().getName()))
                .hasSizeGreaterThan(60)
                .containsExactlyInAnyOrderElementsOf(entries);
    }
}
