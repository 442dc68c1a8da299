package glowkettle.app.free;

import glowkettle.app.journal.Gate;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.web.Words;
import glowkettle.heat.HeatPlace;
import glowkettle.journal.Admission;
import glowkettle.journal.Entry;
import glowkettle.journal.FreeEntry;
import glowkettle.journal.JobFile;
import java.time.InstantSource;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** A mat, a dryer and a hot-air station hold one job at a time. Source: handbook, Free the pack. */
@Component
class HeatPlaces implements Gate {
    private final HeatPlaceMapper rows;
    private final ShopBook shop;
    private final InstantSource clock;

    HeatPlaces(HeatPlaceMapper rows, ShopBook shop, InstantSource clock) {
        this.rows = rows;
        this.shop = shop;
        this.clock = clock;
    }

    @Override
    public Optional<Admission.Refusal> refuse(JobFile job, Entry entry) {
        if (!(entry instanceof FreeEntry.HeatStarted started)) {
            return Optional.empty();
        }
        rows.lock(Shop.ID);
        return taken(job, started.setting().source().place())
                .map(reason -> new Admission.Refusal("setting.source", reason));
    }

    ZoneId zone() {
        return shop.zone();
    }

    Set<HeatPlace> has() {
        return shop.shop().heatsWith();
    }

    /** Who holds it and when it is free again; empty while one is free for this job. */
    Optional<String> taken(JobFile job, HeatPlace place) {
        int count = shop.shop().count(place);
        if (count == 0) {
            return Optional.of("The shop has no %s; what it has stands under Shop.".formatted(place.words()));
        }
        List<HeatPlaceMapper.Holder> holders = rows.holders(Shop.ID, place.name(), job.number());
        if (holders.size() < count) {
            return Optional.empty();
        }
        Words words = new Words(shop.zone(), clock.instant());
        return Optional.of(holders.stream()
                .map(holder -> "job %s holds the %s%s"
                        .formatted(
                                holder.job(),
                                place.words(),
                                holder.freeAt().isAfter(clock.instant())
                                        ? ", off by " + words.when(holder.freeAt())
                                        : ", overdue since " + words.when(holder.freeAt())))
                .collect(Collectors.joining("; ", "Not yet: ", ".")));
    }
}
