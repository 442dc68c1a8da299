package glowkettle.app.calibrate;

import glowkettle.assess.Tier;
import glowkettle.calibrate.shopplan.ShopRequest;
import glowkettle.finding.Flat;
import glowkettle.finding.Says;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A shop and all that is to be done in it. */
public record ShopQuestion(
        @Says("From when on to plan") Instant now,
        @Flat ClockQuestion.Opening opening,
        @Says("Chargers, loads, mats") List<ShopRequest.Place> places,
        @Says("People") List<Somebody> people,
        @Says("Jobs") List<ShopRequest.Job> jobs) {

    /** @param hours null where they are the shop's */
    public record Somebody(
            @Says(value = "Who", longest = 60) String id,
            @Says("Tier that they may work") Tier tier,

            @Says("Hours of their own, where they differ from the shop's") @Nullable
            List<ClockQuestion.WeekSpan> hours) {
        ShopRequest.Person in(ClockQuestion.Opening shop) {
            return new ShopRequest.Person(
                    id,
                    tier,
                    hours == null || hours.isEmpty()
                            ? null
                            : new ClockQuestion.Opening(shop.zone(), hours, List.of()).hours());
        }
    }

    ShopRequest request() {
        return new ShopRequest(
                now,
                opening.hours(),
                places,
                people.stream().map(person -> person.in(opening)).toList(),
                jobs);
    }
}
