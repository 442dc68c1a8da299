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

    /**
     * A clock of the strip, and the page where its hands are needed.
     *
     * @param rank its class, 1 for dangers, once its moment has come
     */
    record BenchClock(String path, Instant at, String what, int rank, long job) {
        public boolean isDanger(Instant now) {
            return rank == 1 && !at.isAfter(now);
        }

        public boolean isDue(Instant now) {
            return !at.isAfter(now);
        }
    }

    @Select("""
            select number, owner, model_name, stage, tier, next_what, blocked, next_at, promise, closed, changed_at
              from job
              left join lateral (select class, at
                                   from clock
                                  where clock.shop_id = job.shop_id and clock.job = job.number and stays and at <= #{now}
                                  order by class, at
                                  limit 1) as due on true
             where shop_id = #{shop} and not closed
             order by due.class nulls last,
                      case when due.class < 3 then due.at end,
                      next_at is null, standing, next_at, promise nulls last, number
             limit #{most}
            """)
    List<BenchJob> open(int shop, Instant now, int most);

    @Select("""
            select count(*) from job where shop_id = #{shop} and not closed
            """)
    int openCount(int shop);

    /** Whatever calls, by class first and then by how long it is due; what is not due yet comes after, the nearest first. */
    @Select("""
            select path, at, what, rank, job
              from (
                    (select '/jobs/' || job || '/' || lower(replace(stage, '_', '')) as path, at,
                            'Job ' || job || ': ' || what as what, class as rank, job
                       from clock
                      where shop_id = #{shop} and stays and at <= #{now}
                      order by class, at
                      limit #{most})
                     union all
                    (select '/jobs/' || job || '/' || lower(replace(stage, '_', '')), at,
                            'Job ' || job || ': ' || what, class, job
                       from clock
                      where shop_id = #{shop} and not stays and at between #{toldSince} and #{now}
                      order by at
                      limit #{most})
                     union all
                    (select '/jobs/' || job || '/' || lower(replace(stage, '_', '')), at,
                            'Job ' || job || ': ' || what, class, job
                       from clock
                      where shop_id = #{shop} and at > #{now} and class < 4
                      order by at
                      limit #{most})
                     union all
                    (select '/isolation/round/' || container.id, min(pack.next_look), 'Look: ' || container.name, 2, 0
                       from stored_pack pack
                       join container on container.shop_id = pack.shop_id and container.id = pack.container
                      where pack.shop_id = #{shop} and pack.hand_over is null and pack.next_look is not null
                      group by container.id, container.name
                      order by 2
                      limit #{most})
                   ) as calls
             order by case when at <= #{now} then rank else 9 end, at, path
             limit #{most}
            """)
    List<BenchClock> calls(int shop, Instant now, Instant toldSince, int most);
}
