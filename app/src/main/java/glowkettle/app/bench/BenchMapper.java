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

    /** A clock of the strip, and the page where its hands are needed. */
    record BenchClock(String path, Instant at, String what) {}

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
            (select '/jobs/' || job || '/' || lower(replace(stage, '_', '')) as path, at, 'Job ' || job || ': ' || what as what
               from clock
              where shop_id = #{shop} and (stays or at > #{toldSince})
              order by at, job
              limit #{most})
              union all
            (select '/isolation/round/' || container.id, min(pack.next_look), 'Look: ' || container.name
               from stored_pack pack
               join container on container.shop_id = pack.shop_id and container.id = pack.container
              where pack.shop_id = #{shop} and pack.hand_over is null and pack.next_look is not null
              group by container.id, container.name
              order by 2
              limit #{most})
              order by at, path
              limit #{most}
            """)
    List<BenchClock> nearestClocks(int shop, Instant toldSince, int most);
}
