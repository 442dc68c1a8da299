package glowkettle.app.bench;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What happened while somebody was away. */
@Mapper
interface MeanwhileMapper {
    /** Null where they never wrote anything. */
    @Select("select max(at) from journal_entry where shop_id = #{shop} and by = #{me}")
    @Nullable
    Instant wroteLast(int shop, String me);

    /**
     * Something that became due.
     *
     * @param rank its class, 1 for dangers
     * @param what the job's number, or the container's name
     */
    record Due(String path, String what, int rank, Instant at) {}

    /** Whatever became due within a span and still calls: once a job and class, and each container whose look is due. */
    @Select("""
            select path, what, rank, at
              from (
                    select '/jobs/' || clock.job || '/' || min(clock.stage) as path, clock.job::text as what,
                           clock.class as rank, min(clock.at) as at
                      from clock
                      join job on job.shop_id = clock.shop_id and job.number = clock.job and not job.closed
                     where clock.shop_id = #{shop} and clock.at > #{since} and clock.at <= #{now}
                       and (clock.stays or clock.class = 4)
                     group by clock.job, clock.class
                     union all
                    select '/isolation/round/' || container.id, container.name, 2, min(pack.next_look)
                      from stored_pack pack
                      join container on container.shop_id = pack.shop_id and container.id = pack.container
                     where pack.shop_id = #{shop} and pack.hand_over is null
                       and pack.next_look > #{since} and pack.next_look <= #{now}
                     group by container.id, container.name
                   ) as due
             order by rank, at, path
            """)
    List<Due> due(int shop, Instant since, Instant now);

    /** Open jobs that stand at a stage, the one that is promised first before the others. */
    @Select("""
            select number from job
             where shop_id = #{shop} and not closed and not blocked and stage = #{stage}
             order by promise nulls last, number
            """)
    List<Long> at(int shop, String stage);

    /** Open jobs that are promised within a span. */
    @Select("""
            select number from job
             where shop_id = #{shop} and not closed and promise > #{now} and promise <= #{until}
             order by promise, number
            """)
    List<Long> promised(int shop, Instant now, Instant until);
}
