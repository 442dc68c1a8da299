package glowkettle.app.assess;

import java.math.BigDecimal;
import java.time.Instant;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** The air as it was read last for each job. */
@Mapper
interface AirMapper {
    @Insert("""
            insert into air_read (shop_id, job, at, air_c)
            values (#{shop}, #{job}, #{at}, #{airC})
            on conflict (shop_id, job) do update set at = excluded.at, air_c = excluded.air_c
             where air_read.at <> excluded.at
            """)
    void put(int shop, long job, Instant at, BigDecimal airC);

    @Delete("delete from air_read where shop_id = #{shop} and job = #{job}")
    void remove(int shop, long job);

    @Select("""
            select air_c
              from air_read
             where shop_id = #{shop} and at between #{from} and #{until}
             order by at desc
             limit 1
            """)
    @Nullable
    BigDecimal newest(int shop, Instant from, Instant until);
}
