package glowkettle.app.bench;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** The list of moments at which hands are needed. */
@Mapper
interface ClockListMapper {
    /**
     * A moment at which hands are needed, or one that only tells and does not stay on the strip.
     *
     * @param danger what kind of danger it is, 1 the worst; null where it is none
     */
    record ClockRow(
            Instant at,
            String what,
            String stage,
            boolean stays,
            int rank,
            @Nullable Integer danger) {}

    /** These, and no others any more. */
    @Insert("""
            <script>
            <if test="!rows.isEmpty()">
            with kept as (
                insert into clock (shop_id, job, at, what, stage, stays, class, danger) values
                <foreach item="row" collection="rows" separator=",">
                    (#{shop}, #{job}, #{row.at}, #{row.what}, #{row.stage}, #{row.stays}, #{row.rank},
                     #{row.danger})
                </foreach>
                on conflict (shop_id, job, at, what) do update
                   set stage = excluded.stage, stays = excluded.stays, class = excluded.class, danger = excluded.danger
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
