package glowkettle.app.demo;

import glowkettle.app.journal.JobReader;
import glowkettle.app.security.Accounts;
import glowkettle.app.shop.FirstDay;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.demo.DemoJobs;
import glowkettle.demo.EquipmentRoom;
import glowkettle.demo.Person;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty database with the ferry line's people and jobs. Only a demo has accounts with a known password. */
@Component
@Order(3)
@ConditionalOnProperty("glow-kettle.demo")
class DemoShop implements ApplicationRunner {
    private final Accounts accounts;
    private final JobReader jobs;
    private final ShopWorld world;
    private final ShopBook shop;
    private final FirstDay day;
    private final TransactionTemplate transactions;

    DemoShop(
            Accounts accounts,
            JobReader jobs,
            ShopWorld world,
            ShopBook shop,
            FirstDay day,
            TransactionTemplate transactions) {
        this.day = day;
        this.accounts = accounts;
        this.jobs = jobs;
        this.world = world;
        this.shop = shop;
        this.transactions = transactions;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!accounts.isEmpty()) {
            return;
        }
        if (jobs.isEmpty()) {
            furnish();
            // All jobs or none: a half-played shop would be taken for a whole one at the next start.
            transactions.executeWithoutResult(begun -> DemoJobs.play(world));
        }
        // Accounts come last: a first start that was killed half-way is told by their absence.
        for (Person person : Person.values()) {
            accounts.add(person.account(), person.shownName(), Person.PASSWORD, person.role());
        }
    }

    private void furnish() {
        Shop made = shop.shop();
        shop.change(new Shop(
                EquipmentRoom.NAME,
                made.emergency(),
                made.currency(),
                made.equipment(),
                EquipmentRoom.hours(made.hours())));
        for (FirstDay.Step step : FirstDay.Step.values()) {
            day.pass(step, Person.values()[0].account());
        }
        for (EquipmentRoom.Container container : EquipmentRoom.CONTAINERS) {
            shop.putContainer(
                    container.id(),
                    container.name(),
                    container.capacityWh(),
                    container.places(),
                    container.outdoors(),
                    container.takes());
        }
    }
}
