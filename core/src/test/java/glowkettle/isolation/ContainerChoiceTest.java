package glowkettle.isolation;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.assess.Tier;
import glowkettle.finding.Result;
import glowkettle.isolation.ContainerChoice.Container;
import glowkettle.isolation.ContainerChoice.Held;
import glowkettle.limits.ShopLimits;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContainerChoiceTest {
    private static final ShopLimits LIMITS = ShopLimits.defaults();

    private static Held pack(Tier tier, String wh) {
        return new Held("job 17", tier, new BigDecimal(wh));
    }

    private static Container bucket(String id, String capacity, int places, Held... held) {
        return new Container(id, "Bucket " + id, new BigDecimal(capacity), places, List.of(held));
    }

    private static Optional<String> proposed(Held pack, Container... store) {
        return ContainerChoice.propose(List.of(store), pack, LIMITS).result().map(Container::id);
    }

    @Test
    void ordinaryPacksShareTheFullestThatStillTakesThem() {
        Container full = bucket("1", "300", 6, pack(Tier.CLEAR, "60"));
        Container empty = bucket("2", "300", 6);

        assertThat(proposed(pack(Tier.CLEAR, "40"), full, empty)).contains("1");
        assertThat(proposed(pack(Tier.GUARDED, "40.01"), full, empty)).contains("2");
    }

    @ParameterizedTest
    @CsvSource({
        "laptop, HANDHELD, false",
        "folding laptop, LAPTOP, true",
        "ticket handheld, HANDHELD, true",
        "phone, PACK, false",
        "something new, HANDHELD, false"
    })
    void aWholeDeviceGoesIntoAContainerOfItsSize(String kind, Bulk takes, boolean fits) {
        Container container = new Container("1", "Bucket", new BigDecimal("300"), 6, List.of(), takes);
        Held device = new Held("job 17", Tier.ISOLATE, BigDecimal.TEN, Bulk.ofDevice(kind));

        assertThat(ContainerChoice.ask(container, device, LIMITS).takes()).isEqualTo(fits);
        assertThat(ContainerChoice.ask(container, new Held("job 17", Tier.ISOLATE, BigDecimal.TEN, Bulk.PACK), LIMITS)
                        .takes())
                .isTrue();
    }

    @Test
    void anIsolatedPackHasItsContainerToItself() {
        Container shared = bucket("1", "300", 6, pack(Tier.CLEAR, "1"));
        Container large = bucket("2", "300", 6);
        Container small = bucket("3", "60", 1);
        Container taken = bucket("4", "300", 6, pack(Tier.ISOLATE, "1"));

        assertThat(proposed(pack(Tier.ISOLATE, "50"), shared, large, small, taken))
                .contains("3");
        assertThat(proposed(pack(Tier.ISOLATE, "61"), shared, large, small, taken))
                .contains("2");
        assertThat(proposed(pack(Tier.CLEAR, "1"), taken)).isEmpty();
    }

    @Test
    void aFullStoreIsRefusedWithTheReason() {
        Result<Optional<Container>> none = ContainerChoice.propose(
                List.of(bucket("1", "300", 1, pack(Tier.CLEAR, "1"))), pack(Tier.CLEAR, "1"), LIMITS);

        assertThat(none.result()).isEmpty();
        assertThat(none.findings().getFirst().sentence()).contains("No container takes this pack");
        assertThat(none.working().lines().getFirst()).contains("full: 1 of 1 places");
    }

    /** Filling the store with whatever it proposes never overfills a container. */
    @Test
    void followingTheProposalsNeverOverfills() {
        List<Container> store =
                new ArrayList<>(List.of(bucket("1", "100", 4), bucket("2", "250", 9), bucket("3", "40", 2)));
        for (int i = 0; i < 40; i++) {
            Held pack = pack(i % 7 == 0 ? Tier.ISOLATE : Tier.CLEAR, String.valueOf(5 + i * 7 % 41));
            ContainerChoice.propose(store, pack, LIMITS).result().ifPresent(chosen -> {
                List<Held> more = new ArrayList<>(chosen.holds());
                more.add(pack);
                store.set(
                        store.indexOf(chosen),
                        new Container(chosen.id(), chosen.name(), chosen.capacityWh(), chosen.places(), more));
            });
        }
        assertThat(store).allSatisfy(container -> {
            boolean isolated = container.holds().stream().anyMatch(held -> held.tier() == Tier.ISOLATE);
            assertThat(container.heldWh())
                    .isLessThanOrEqualTo(isolated ? container.capacityWh() : new BigDecimal("100"));
            assertThat(container.holds()).hasSizeLessThanOrEqualTo(isolated ? 1 : container.places());
        });
    }
}
