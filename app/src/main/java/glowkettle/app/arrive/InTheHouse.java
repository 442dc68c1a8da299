package glowkettle.app.arrive;

import glowkettle.app.binding.Fault;
import glowkettle.app.format.LikePattern;
import glowkettle.app.shop.Shop;
import glowkettle.job.arrive.ArriveEntry;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** One device is one open job, however often its label is scanned. */
@Component
class InTheHouse {
    private final SerialMapper serials;

    InTheHouse(SerialMapper serials) {
        this.serials = serials;
    }

    Optional<Fault> fault(ArriveEntry.JobOpened opened) {
        String serial = opened.device().serial();
        if (serial == null || serial.isBlank()) {
            return Optional.empty();
        }
        String small = serial.strip().toLowerCase(Locale.ROOT);
        return serials.openWith(Shop.ID, small, LikePattern.containing(small))
                .map(number -> new Fault(
                        "serial",
                        "'%s' is in the house already, as job %s; go on with that one"
                                .formatted(serial.strip(), number)));
    }
}
