package glowkettle.app.settings;

import glowkettle.app.form.Taken;
import glowkettle.app.shop.ShopBook;
import glowkettle.isolation.Bulk;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** Sets a container up as it was typed. */
@Component
class ContainerSetup {
    private final ShopBook book;

    ContainerSetup(ShopBook book) {
        this.book = book;
    }

    /** @param then where it goes on once the container is kept */
    Taken put(ContainerTyped container, String then) {
        if (!container.id().matches("[A-Za-z0-9-]+")) {
            return Taken.refused(
                    "id", "'%s' is no number for a label; take letters and digits".formatted(container.id()));
        }
        book.putContainer(
                container.id(),
                container.name(),
                container.capacityWh(),
                container.places(),
                Boolean.TRUE.equals(container.outdoors()),
                Objects.requireNonNullElse(container.takes(), Bulk.LAPTOP));
        return new Taken.On(then);
    }
}
