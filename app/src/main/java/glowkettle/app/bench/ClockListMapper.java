package glowkettle.app.bench;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** The list of moments at which hands are needed. */
@Mapper
interface ClockListMapper {
    /** A moment at which hands are needed, or one that only tells and does not stay on the strip. */
    record ClockRow(Instant at, String what, String stage, boolean stays, int rank) {}

    /** These, and no others any more. */
    @Insert("""
            <script>
            <if test="!rows.isEmpty()">
            with kept as (
                insert into clock (shop_id, job, at, what, stage, stays, class) values
                <foreach item="row" collection="rows" separator=",">
                    (#{shop}, #{job}, #{row.at}, #{row.what}, #{row.stage}, #{row.stays}, #{row.rank})
                </foreach>
                on conflict (shop_id, job, at, what) do update
                   set stage = excluded.stage, stays = excluded.stays, class = excluded.class
                returning at, what
            )
            </if>
            delete from clock
             where shop_id = #{shop} and job = #{job}
            <if test="!rows.isEmpty()">
               and (at, what) not in (select at, what from kept)
            </if>
            </script>
            """)
    void put(int shop, long job, List<ClockRow> rows);

    @Select("""
            select distinct job from clock where shop_id = #{shop}
            """)
    List<Long> jobs(int shop);
}
