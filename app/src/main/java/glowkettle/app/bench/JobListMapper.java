package glowkettle.app.bench;

import java.time.Instant;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

/** The list of jobs. */
@Mapper
interface JobListMapper {
    /** A job in the list. */
    record JobRow(
            long number,
            long seq,
            String owner,
            String modelName,
            String foundBy,
            String stage,
            String tier,
            String nextWhat,
            boolean blocked,
            @Nullable Instant nextAt,
            @Nullable Instant promise,
            boolean closed,
            int standing,
            @Nullable Instant dangerAt,
            @Nullable Instant watchAt,
            @Nullable Instant workAt,
            @Nullable Instant promiseAt,
            Instant openedAt,
            Instant changedAt) {}

    @Insert("""
            insert into job (shop_id, number, seq, owner, model_name, found_by, stage, tier, next_what, blocked, next_at, promise,
                             closed, standing, danger_at, watch_at, work_at, promise_at, opened_at, changed_at)
            values (#{shop}, #{row.number}, #{row.seq}, #{row.owner}, #{row.modelName}, #{row.foundBy}, #{row.stage}, #{row.tier},
                    #{row.nextWhat}, #{row.blocked}, #{row.nextAt}, #{row.promise}, #{row.closed}, #{row.standing},
                    #{row.dangerAt}, #{row.watchAt}, #{row.workAt}, #{row.promiseAt}, #{row.openedAt}, #{row.changedAt})
            on conflict (shop_id, number) do update
               set seq = excluded.seq, owner = excluded.owner, model_name = excluded.model_name,
                   found_by = excluded.found_by, stage = excluded.stage, tier = excluded.tier, next_what = excluded.next_what,
                   blocked = excluded.blocked, next_at = excluded.next_at, promise = excluded.promise,
                   closed = excluded.closed, standing = excluded.standing,
                   danger_at = excluded.danger_at, watch_at = excluded.watch_at, work_at = excluded.work_at,
                   promise_at = excluded.promise_at, opened_at = excluded.opened_at, changed_at = excluded.changed_at
            """)
    void put(int shop, JobRow row);

    @Delete("""
            delete from job
             where shop_id = #{shop}
               and not exists (select from journal_head head where head.shop_id = job.shop_id and head.job = job.number)
            """)
    void clearJobsWithoutJournal(int shop);
}
