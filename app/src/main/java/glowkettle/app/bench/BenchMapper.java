package glowkettle.app.bench;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What the bench reads. */
@Mapper
public interface BenchMapper {
    /** A job on the bench. */
    record BenchJob(
            long number,
            String owner,
            String modelName,
            String stage,
            String tier,
            String nextWhat,
            boolean blocked,
            @Nullable Instant nextAt,
            @Nullable Instant promise,
            boolean closed,
            Instant changedAt) {}

    /** A clock of the strip. */
    record BenchClock(long job, Instant at, String what) {}

    @Select("""
            select number, owner, model_name, stage, tier, next_what, blocked, next_at, promise, closed, changed_at
              from job
             where shop_id = #{shop} and not closed
             order by next_at nulls last, promise nulls last, number
             limit #{most}
            """)
    List<BenchJob> open(int shop, int most);

    @Select("""
            select count(*) from job where shop_id = #{shop} and not closed
            """)
    int openCount(int shop);

    @Select("""
            select number, owner, model_name, stage, tier, next_what, blocked, next_at, promise, closed, changed_at
              from job
             where shop_id = #{shop}
               and (number = #{number} or owner ilike #{like} or model_name ilike #{like})
             order by closed, changed_at desc
             limit #{most}
            """)
    List<BenchJob> find(int shop, long number, String like, int most);

    @Select("""
            select job, at, what from clock where shop_id = #{shop} order by at, job limit #{most}
            """)
    List<BenchClock> nearestClocks(int shop, int most);
}
