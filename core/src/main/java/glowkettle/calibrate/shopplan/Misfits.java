package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.ClockPlan;
import glowkettle.calibrate.shopplan.Insertion.Choice;
import glowkettle.calibrate.shopplan.ShopPlan.Misfit;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Why a job fits nowhere even when it has the shop to itself, and what would help. */
final class Misfits {
    private final ShopRequest request;
    private final Shop shop;
    private final List<String> kinds;
    private final Task task;

    Misfits(ShopRequest request, Shop shop, List<String> kinds, Task task) {
        this.request = request;
        this.shop = shop;
        this.kinds = kinds;
        this.task = task;
    }

    /** Its first starts when it is alone; null where it ends nowhere. */
    static @Nullable Placed alone(Shop shop, Task task) {
        Task.Running running = task.running();
        boolean failed = running.runs()
                && task.before().attended()
                && (running.interval() < 0
                        || running.end() * shop.slotS > shop.closesS[0]
                        || task.before().endsWithAction() && shop.reachOfAll[running.end()] == 0);
        return failed ? null : new Insertion(new Bookings(shop, List.of(task))).place(task, Choice.SOON);
    }

    static Misfit crowdedOut(int days) {
        return new Misfit(
                "The others leave it no room within %s days.".formatted(days),
                List.of("Add a place or a person.", "Open longer, as an exception to the opening hours."));
    }

    Misfit why() {
        if (task.running().runs() && task.before().attended()) {
            return new Misfit(
                    "What runs on its charger cannot end before the next break or closing, with hands there to unplug it.",
                    List.of(
                            "Unplug at closing and mark the step as failed; begin it again when the shop opens.",
                            "Open longer that day, as an exception to the opening hours."));
        }
        boolean[][] may = new Insertion(new Bookings(shop, List.of(task))).mayStart(task);
        for (int i = 0; i < may.length; i++) {
            boolean nowhere = true;
            for (boolean one : may[i]) {
                nowhere &= !one;
            }
            if (nowhere) {
                return nowhere(stepId(i), task.piece(i));
            }
        }
        return new Misfit(
                "Its steps fit one by one, but not behind each other within %s days: what may pass between them is too little."
                        .formatted(ShopPlanner.DAYS_ALONE),
                List.of(
                        "Let more time pass between two steps, where that does no harm.",
                        "Open on more days, as exceptions to the opening hours."));
    }

    private String stepId(int open) {
        return request.jobs().stream()
                .filter(job -> job.id().equals(task.id()))
                .findFirst()
                .orElseThrow()
                .steps()
                .get(task.first() + open)
                .id();
    }

    private Misfit nowhere(String step, Piece piece) {
        if (piece.place() >= 0 && shop.units[piece.place()] == 0) {
            return new Misfit(
                    "“%s” needs a place of the kind %s, and the shop has none."
                            .formatted(step, kinds.get(piece.place())),
                    List.of("Get one, or name the step another kind of place."));
        }
        String length = words(piece.length() * shop.slotS);
        return switch (piece.kind()) {
            case HANDS ->
                new Misfit(
                        "“%s” needs %s of one person who may work this tier, in one staffed stretch: there is none."
                                .formatted(step, length),
                        List.of(
                                "Cut it into shorter pieces where the device can be left.",
                                "Let somebody of that tier stay longer."));
            case ATTENDED ->
                new Misfit(
                        "“%s” needs %s in one staffed stretch with somebody there, and %s to spare: there is none."
                                .formatted(step, length, words(piece.spareS())),
                        List.of(
                                "Keep the shop staffed over a break, as an exception to the opening hours.",
                                "Charge with a stronger charger, if the pack takes it."));
            case FREE ->
                new Misfit(
                        "“%s” finds nobody who starts it.".formatted(step),
                        List.of("Have somebody there while the shop is open."));
        };
    }

    private static String words(long seconds) {
        return ClockPlan.words(Duration.ofSeconds(seconds));
    }
}
