package glowkettle.app.free;

import glowkettle.heat.HeatPlace;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Who holds the mats, the dryers and the hot air. */
@Mapper
interface HeatPlaceMapper {
    /** A job that heats, and when it must be off at the latest. */
    record Holder(long job, HeatPlace place, Instant freeAt) {}

    @Select("""
            select number as job, heat_place as place, heat_free_at as free_at
              from job
             where shop_id = #{shop} and heat_place is not null and number <> #{besides}
             order by heat_free_at, number
            """)
    List<Holder> holders(int shop, long besides);

    /** Two jobs that ask for the last mat at the same moment ask one after the other. */
    @Select("""
            select id from shop where id = #{shop} for update
            """)
    int lock(int shop);
}
