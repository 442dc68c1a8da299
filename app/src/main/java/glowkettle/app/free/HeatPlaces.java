package glowkettle.app.free;

import glowkettle.app.format.Words;
import glowkettle.app.journal.Gate;
import glowkettle.app.shop.Shop;
import glowkettle.app.shop.ShopBook;
import glowkettle.heat.HeatPlace;
import glowkettle.job.Admission;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.free.FreeEntry;
import java.time.InstantSource;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    public void hold(Entry entry) {
        if (entry instanceof FreeEntry.HeatStarted) {
            rows.lock(Shop.ID);
        }
    }

    @Override
    public Optional<Admission.Refusal> refuse(JobFile job, Entry entry) {
        if (!(entry instanceof FreeEntry.HeatStarted started)) {
            return Optional.empty();
        }
        return Optional.ofNullable(
                        taken(job, shop.shop()).get(started.setting().source().place()))
                .map(reason -> new Admission.Refusal("setting.source", reason));
    }

    /** By place, who holds it and when it is free again; without those that are free for this job. */
    Map<HeatPlace, String> taken(JobFile job, Shop here) {
        List<HeatPlaceMapper.Holder> every = rows.holders(Shop.ID, job.number());
        Words words = new Words(here.hours().zone(), clock.instant());
        Map<HeatPlace, String> taken = new EnumMap<>(HeatPlace.class);
        for (HeatPlace place : HeatPlace.values()) {
            int count = here.equipment().count(place);
            List<HeatPlaceMapper.Holder> holders =
                    every.stream().filter(holder -> holder.place() == place).toList();
            if (count == 0) {
                taken.put(place, "The shop has no %s; what it has stands under Shop.".formatted(place.words()));
            } else if (holders.size() >= count) {
                taken.put(
                        place,
                        holders.stream()
                                .map(holder -> said(holder, words))
                                .collect(Collectors.joining("; ", "Not yet: ", ".")));
            }
        }
        return taken;
    }

    private String said(HeatPlaceMapper.Holder holder, Words words) {
        return "job %s holds the %s, %s %s"
                .formatted(
                        holder.job(),
                        holder.place().words(),
                        holder.freeAt().isAfter(clock.instant()) ? "off by" : "overdue since",
                        words.when(holder.freeAt()));
    }
}
