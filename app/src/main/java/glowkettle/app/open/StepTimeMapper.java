package glowkettle.app.open;

import java.math.BigDecimal;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** The list of what each step of a model took on each job. */
@Mapper
interface StepTimeMapper {
    /** What a step took on one job. */
    record StepTimeRow(String operation, BigDecimal seconds) {}

    /** These, and no others any more. */
    @Insert("""
            <script>
            <if test="!rows.isEmpty()">
            with kept as (
                insert into step_time (shop_id, model, operation, job, seconds) values
                <foreach item="row" collection="rows" separator=",">
                    (#{shop}, #{model}, #{row.operation}, #{job}, #{row.seconds})
                </foreach>
                on conflict (shop_id, model, operation, job) do update set seconds = excluded.seconds
                returning model, operation
            )
            </if>
            delete from step_time
             where shop_id = #{shop} and job = #{job}
            <if test="!rows.isEmpty()">
               and (model, operation) not in (select model, operation from kept)
            </if>
            </script>
            """)
    void put(int shop, long job, String model, List<StepTimeRow> rows);

    /** The median of each step of a model, over the jobs that tell. */
    record StepMedian(String operation, BigDecimal minutes, int jobs) {}

    @Select("""
            select operation,
                   round((percentile_cont(0.5) within group (order by seconds) / 60)::numeric, 1) as minutes,
                   count(*) as jobs
              from step_time
             where shop_id = #{shop} and model = #{model}
             group by operation
             order by operation
            """)
    List<StepMedian> medians(int shop, String model);
}
