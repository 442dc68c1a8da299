package glowkettle.app.bench;

import glowkettle.assess.Tier;
import glowkettle.heat.HeatPlace;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What the bench reads. */
@Mapper
public interface BenchMapper {
    /**
     * A job on the bench.
     *
     * @param rank the class it calls as, 1 for dangers; 5 while nothing calls
     */
    record BenchJob(
            long number,
            String owner,
            String modelName,
            String stage,
            Tier tier,
            String nextWhat,
            boolean blocked,
            @Nullable Instant nextAt,
            @Nullable Instant promise,
            boolean closed,
            Instant changedAt,
            int rank) {}

    /**
     * A clock of the strip, and the page where its hands are needed.
     *
     * @param rank its class, 1 for dangers, once its moment has come
     * @param danger what kind of danger it is, 1 the worst; null where it is none
     * @param job 0 where it is no job's
     */
    record BenchClock(
            String path,
            Instant at,
            String what,
            int rank,
            @Nullable Integer danger,
            long job) {
        public boolean isDanger(Instant now) {
            return rank == 1 && !at.isAfter(now);
        }

        /** What tells this clock from every other. */
        public String key() {
            return path + "/" + at;
        }
    }

    /** Jobs in danger, then those to watch, by how long each calls. */
    @Select("""
            select number, owner, model_name, stage, tier, next_what, blocked, next_at, promise, closed, changed_at, rank
              from (
                    (select *, 1 as rank, danger_at as since
                       from job
                      where shop_id = #{shop} and not closed and danger_at <= #{now}
                      order by danger_at, next_at is null, standing, next_at, promise, number
                      limit #{most})
                     union all
                    (select *, 2, watch_at
                       from job
                      where shop_id = #{shop} and not closed and watch_at <= #{now}
                        and (danger_at is null or danger_at > #{now})
                      order by watch_at, next_at is null, standing, next_at, promise, number
                      limit #{most})
                   ) as called
             order by rank, since, next_at is null, standing, next_at, promise, number
             limit #{most}
            """)
    List<BenchJob> urgent(int shop, Instant now, int most);

    /** What calls for work, what is due by its promise, and all others, each in their turn. */
    @Select("""
            select number, owner, model_name, stage, tier, next_what, blocked, next_at, promise, closed, changed_at, rank
              from (
                    (select *, 3 as rank
                       from job
                      where shop_id = #{shop} and not closed and work_at <= #{now}
                        and (danger_at is null or danger_at > #{now}) and (watch_at is null or watch_at > #{now})
                      order by next_at is null, standing, next_at, promise, number
                      limit #{most})
                     union all
                    (select *, 4
                       from job
                      where shop_id = #{shop} and not closed and promise_at <= #{now}
                        and (danger_at is null or danger_at > #{now}) and (watch_at is null or watch_at > #{now})
                        and (work_at is null or work_at > #{now})
                      order by next_at is null, standing, next_at, promise, number
                      limit #{most})
                     union all
                    (select *, 5
                       from job
                      where shop_id = #{shop} and not closed
                        and (danger_at is null or danger_at > #{now}) and (watch_at is null or watch_at > #{now})
                        and (work_at is null or work_at > #{now}) and (promise_at is null or promise_at > #{now})
                      order by next_at is null, standing, next_at, promise, number
                      limit #{most})
                   ) as waiting
             order by rank, next_at is null, standing, next_at, promise, number
             limit #{most}
            """)
    List<BenchJob> inTurn(int shop, Instant now, int most);

    /** What calls by its class before what only waits, so many in all. */
    default List<BenchJob> open(int shop, Instant now, int most) {
        List<BenchJob> jobs = new ArrayList<>(urgent(shop, now, most));
        if (jobs.size() < most) {
            jobs.addAll(inTurn(shop, now, most - jobs.size()));
        }
        return jobs;
    }

    /** Open jobs that a choice takes, by class and in their turn. */
    @Select("""
            <script>
            select number, owner, model_name, stage, tier, next_what, blocked, next_at, promise, closed, changed_at,
                   case when danger_at &lt;= #{now} then 1 when watch_at &lt;= #{now} then 2 when work_at &lt;= #{now} then 3
                        when promise_at &lt;= #{now} then 4 else 5 end as rank
              from job
             where shop_id = #{shop} and not closed
            <if test="choice.stage != null">and stage = #{choice.stage}</if>
            <if test="choice.tier != null">and (tier = #{choice.tier} or moves_until > #{now})</if>
            <if test="choice.mine">and last_by = #{me}</if>
            <if test="choice.place != null">and number in (
                select job from heat_place_taken where shop_id = #{shop} and 'on ' || place = #{choice.place}
                 union all
                select job from stored_pack
                 where shop_id = #{shop} and hand_over is null and 'in ' || container = #{choice.place})</if>
             order by rank, next_at is null, standing, next_at, promise, number
             limit #{most}
            </script>
            """)
    List<BenchJob> at(int shop, Instant now, BenchChoice choice, String me, int most);

    /** Open jobs whose tier changes by the clock alone, with what the list says of them. */
    @Select("""
            select number, stage, tier
              from job
             where shop_id = #{shop} and not closed and moves_until > #{now}
            """)
    List<Moving> moving(int shop, Instant now);

    record Moving(long number, String stage, Tier tier) {}

    /** How many open jobs stand at a stage under a tier. */
    record Count(String stage, Tier tier, int jobs) {}

    @Select("""
            select stage, tier, count(*) as jobs
              from job
             where shop_id = #{shop} and not closed
             group by stage, tier
            """)
    List<Count> counts(int shop);

    @Select("""
            select count(*) from job where shop_id = #{shop} and not closed and last_by = #{me}
            """)
    int mine(int shop, String me);

    /** Where something of so many open jobs lies: heat that they hold, or a container with their pack in it. */
    record PlaceCount(
            String place,
            @Nullable HeatPlace heat,
            @Nullable String container,
            int jobs) {
        String words() {
            return heat != null ? heat.words() : Objects.requireNonNullElse(container, place);
        }
    }

    @Select("""
            select held.place, held.heat, held.container, count(*) as jobs
              from (
                    select shop_id, job, 'on ' || place as place, place as heat, null as container
                      from heat_place_taken
                     where shop_id = #{shop}
                     union all
                    select pack.shop_id, pack.job, 'in ' || container.id, null, container.name
                      from stored_pack pack
                      join container on container.shop_id = pack.shop_id and container.id = pack.container
                     where pack.shop_id = #{shop} and pack.hand_over is null
                   ) as held
              join job on job.shop_id = held.shop_id and job.number = held.job and not job.closed
             group by held.place, held.heat, held.container
             order by held.place desc
            """)
    List<PlaceCount> places(int shop);

    /** A moment of a job, by its class. */
    record Moment(long job, Instant at, String what, int rank) {}

    /** Every moment of these jobs within a span, in order. */
    @Select("""
            <script>
            select job, at, what, class as rank
              from clock
             where shop_id = #{shop} and at between #{from} and #{to}
               and job in <foreach item="job" collection="jobs" open="(" separator="," close=")">#{job}</foreach>
             order by at, job, what
            </script>
            """)
    List<Moment> moments(int shop, List<Long> jobs, Instant from, Instant to);

    /**
     * Whatever calls, by class first, the worst kind of danger first, and then by how long it is due; what is not due yet comes after, the nearest first.
     */
    @Select("""
            select path, at, what, rank, danger, job
              from (
                    (select '/jobs/' || job || '/' || stage as path, at,
                            'Job ' || job || ': ' || what as what, class as rank, danger, job
                       from clock
                      where shop_id = #{shop} and stays and at <= #{now}
                      order by class, danger, at
                      limit #{most})
                     union all
                    (select '/jobs/' || job || '/' || stage, at,
                            'Job ' || job || ': ' || what, class, danger, job
                       from clock
                      where shop_id = #{shop} and not stays and at between #{toldSince} and #{now}
                      order by at
                      limit #{most})
                     union all
                    (select '/jobs/' || job || '/' || stage, at,
                            'Job ' || job || ': ' || what, class, danger, job
                       from clock
                      where shop_id = #{shop} and at > #{now} and class < 4
                      order by at
                      limit #{most})
                     union all
                    (select '/isolation/round/' || container.id, min(pack.next_look), 'Look: ' || container.name, 2, null, 0
                       from stored_pack pack
                       join container on container.shop_id = pack.shop_id and container.id = pack.container
                      where pack.shop_id = #{shop} and pack.hand_over is null and pack.next_look is not null
                      group by container.id, container.name
                      order by 2
                      limit #{most})
                   ) as calls
             order by case when at <= #{now} then rank else 9 end, case when at <= #{now} then danger end, at, path
             limit #{most}
            """)
    List<BenchClock> calls(int shop, Instant now, Instant toldSince, int most);
}
