package glowkettle.app.assess;

import java.math.BigDecimal;
import java.time.Instant;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** The air as journals have it. */
@Mapper
interface AirMapper {
    /** As it was read last in a span of time, by an entry that still stands. */
    @Select("""
            select coalesce(entry.body #>> '{warmth,ambientC}', entry.body ->> 'ambientC')::numeric
              from journal_entry entry
             where entry.shop_id = #{shop} and entry.kind in ('warmth-taken', 'felt-by-hand')
               and entry.at between #{from} and #{until}
               and coalesce(entry.body #>> '{warmth,ambientC}', entry.body ->> 'ambientC') is not null
               and not exists (select 1 from journal_entry later
                                where later.shop_id = entry.shop_id and later.job = entry.job
                                  and later.corrects = entry.seq)
             order by entry.at desc
             limit 1
            """)
    @Nullable
    BigDecimal newest(int shop, Instant from, Instant until);
}
