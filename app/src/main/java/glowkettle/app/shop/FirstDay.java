package glowkettle.app.shop;

import glowkettle.finding.Worded;
import java.time.InstantSource;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** What a lead goes through before the first device comes in; it can be left and come back to at any time. */
@Service
public class FirstDay {
    /** In this order. */
    public enum Step implements Worded {
        SHOP("Name, zone and currency"),
        EMERGENCY("Whom to call"),
        HOURS("Opening hours"),
        ROOM("Places and instruments"),
        CONTAINERS("Containers"),
        PEOPLE("People"),
        LIMITS("Limits"),
        EXAMPLES("Example models");

        private final String words;

        Step(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    private final FirstDayMapper rows;
    private final InstantSource clock;

    FirstDay(FirstDayMapper rows, InstantSource clock) {
        this.rows = rows;
        this.clock = clock;
    }

    public Set<Step> passed() {
        Set<Step> passed = EnumSet.noneOf(Step.class);
        passed.addAll(rows.passed(Shop.ID));
        return passed;
    }

    public boolean isOver() {
        return behind().isEmpty();
    }

    /** How many of its steps are behind; empty where all are. */
    public Optional<Integer> behind() {
        return Optional.of(passed().size()).filter(steps -> steps < Step.values().length);
    }

    /** Nobody takes a device in before a lead said whom to call when it burns. */
    public boolean knowsWhomToCall() {
        return passed().contains(Step.EMERGENCY);
    }

    public void pass(Step step, String by) {
        rows.pass(Shop.ID, step, clock.instant(), by);
    }

    public boolean examplesAreAway() {
        return rows.examplesAway(Shop.ID);
    }

    /** Those that ship stand in the library as examples, or are put away; jobs that were opened by one go on. */
    public void putExamplesAway(boolean away) {
        rows.putExamplesAway(Shop.ID, away);
    }
}
