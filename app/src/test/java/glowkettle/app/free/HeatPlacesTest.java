package glowkettle.app.free;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.demo.Played;
import glowkettle.app.journal.Appended;
import glowkettle.app.journal.Draft;
import glowkettle.app.journal.JournalBook;
import glowkettle.app.shop.Equipment;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.RunningKettle;
import glowkettle.heat.HeatPlace;
import glowkettle.heat.HeatWindow;
import glowkettle.heat.Setting;
import glowkettle.heat.SettingSearch;
import glowkettle.job.Entry;
import glowkettle.job.Role;
import glowkettle.job.free.FreeEntry;
import glowkettle.job.free.Freeing;
import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningKettle.class)
class HeatPlacesTest {
    private static final BigDecimal AIR_C = BigDecimal.valueOf(21);

    private final Kettle kettle;

    HeatPlacesTest(Kettle kettle) {
        this.kettle = kettle;
    }

    @Test
    void theOneDryerHoldsOneJobUntilItsHeatIsOff() {
        Played first = Played.at(kettle, "guillemot-6", "free-pack");
        Played second = Played.at(kettle, "guillemot-6", "free-pack");
        assertThat(append(first, heat(first, HeatPlace.DRYER))).isInstanceOf(Appended.Written.class);
        assertThat(append(second, heat(second, HeatPlace.DRYER)))
                .isInstanceOfSatisfying(
                        Appended.Refused.class,
                        refused -> assertThat(refused.refusal().reason())
                                .contains("job %s holds the hair dryer, off by".formatted(first.number())));
        assertThat(append(first, new FreeEntry.HeatStopped("free-pack"))).isInstanceOf(Appended.Written.class);
        assertThat(append(second, heat(second, HeatPlace.DRYER))).isInstanceOf(Appended.Written.class);
        append(second, new FreeEntry.HeatStopped("free-pack"));
    }

    @Test
    void whatTheShopDoesNotHaveIsNeitherOfferedNorTaken() {
        Played job = Played.at(kettle, "guillemot-6", "free-pack");
        ShopBook book = kettle.bean(ShopBook.class);
        Shop before = book.shop();
        try {
            book.change(stations(before, 0));
            assertThat(append(job, heat(job, HeatPlace.AIR_STATION)))
                    .isInstanceOfSatisfying(
                            Appended.Refused.class,
                            refused -> assertThat(refused.refusal().reason()).contains("has no hot-air station"));
            var bond = Freeing.of(job.file()).bondAtHand().orElseThrow();
            assertThat(SettingsFound.search(
                                    job.file(),
                                    bond,
                                    AIR_C,
                                    book.shop().heatsWith(),
                                    kettle.clock().instant())
                            .result()
                            .offers())
                    .isNotEmpty()
                    .noneMatch(offer -> offer.setting().source().place() == HeatPlace.AIR_STATION);
        } finally {
            book.change(before);
        }
    }

    private static Shop stations(Shop shop, int count) {
        Equipment has = shop.equipment();
        return new Shop(
                shop.name(),
                shop.emergency(),
                shop.currency(),
                new Equipment(has.hands(), has.chargers(), has.mats(), has.dryers(), count),
                shop.hours());
    }

    private static Entry heat(Played job, HeatPlace with) {
        var bond = Freeing.of(job.file()).bondAtHand().orElseThrow();
        Setting any = new Setting(Setting.Source.MAT, BigDecimal.valueOf(60), Setting.Face.BELOW, null);
        Setting setting = SettingSearch.of(
                        new HeatWindow.Request(bond.layers().stack(), any, AIR_C, List.of(), null, null),
                        EnumSet.of(with),
                        job.file().limits())
                .result()
                .offers()
                .getFirst()
                .setting();
        return new FreeEntry.HeatStarted(bond.operation(), setting, AIR_C, null);
    }

    private Appended append(Played job, Entry entry) {
        return kettle.bean(JournalBook.class)
                .append(
                        job.number(),
                        new Draft(
                                entry,
                                UUID.randomUUID(),
                                job.file().state().seq(),
                                null,
                                "technician",
                                Role.TECHNICIAN));
    }
}
