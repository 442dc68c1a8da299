package glowkettle.app.free;

import glowkettle.heat.HeatPlace;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** The list of who holds the mats, the dryers and the hot air. */
@Mapper
interface HeatPlaceMapper {
    /** A job that heats, and when it must be off at the latest. */
    record Holder(long job, HeatPlace place, Instant freeAt) {}

    @Insert("""
            insert into heat_place_taken (shop_id, job, place, free_at)
            values (#{shop}, #{row.job}, #{row.place}, #{row.freeAt})
            on conflict (shop_id, job) do update set place = excluded.place, free_at = excluded.free_at
            """)
    void take(int shop, Holder row);

    @Delete("""
            delete from heat_place_taken where shop_id = #{shop} and job = #{job}
            """)
    void free(int shop, long job);

    @Select("""
            select job, place, free_at
              from heat_place_taken
             where shop_id = #{shop} and job <> #{besides}
             order by free_at, job
            """)
    List<Holder> holders(int shop, long besides);

    /** Two jobs that ask for the last mat at the same moment ask one after the other. */
    @Select("""
            select id from shop where id = #{shop} for update
            """)
    int lock(int shop);
}
