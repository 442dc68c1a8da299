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
    record JobRow(long number, long seq, String model, Shown shown, Turn turn, Past past) {}

    /** What its row says, and the words it is found by. */
    record Shown(
            String owner,
            String modelName,
            String foundBy,
            String stage,
            String tier,
            String nextWhat,
            boolean blocked,
            boolean closed) {}

    /**
     * What puts it before others.
     *
     * @param standing its place among jobs without a moment
     * @param movesUntil until when its tier changes by the clock alone
     */
    record Turn(
            int standing,
            @Nullable Instant nextAt,
            @Nullable Instant promise,
            @Nullable Instant dangerAt,
            @Nullable Instant watchAt,
            @Nullable Instant workAt,
            @Nullable Instant promiseAt,
            @Nullable Instant movesUntil) {}

    record Past(Instant openedAt, Instant changedAt, String lastBy) {}

    @Insert("""
            insert into job (shop_id, number, seq, owner, model_name, found_by, stage, tier, next_what, blocked, next_at, promise,
                             closed, standing, danger_at, watch_at, work_at, promise_at, opened_at, changed_at, last_by, model,
                             moves_until)
            values (#{shop}, #{row.number}, #{row.seq}, #{row.shown.owner}, #{row.shown.modelName}, #{row.shown.foundBy},
                    #{row.shown.stage}, #{row.shown.tier}, #{row.shown.nextWhat}, #{row.shown.blocked}, #{row.turn.nextAt},
                    #{row.turn.promise}, #{row.shown.closed}, #{row.turn.standing}, #{row.turn.dangerAt},
                    #{row.turn.watchAt}, #{row.turn.workAt}, #{row.turn.promiseAt}, #{row.past.openedAt},
                    #{row.past.changedAt}, #{row.past.lastBy}, #{row.model}, #{row.turn.movesUntil})
            on conflict (shop_id, number) do update
               set seq = excluded.seq, owner = excluded.owner, model_name = excluded.model_name,
                   found_by = excluded.found_by, stage = excluded.stage, tier = excluded.tier, next_what = excluded.next_what,
                   blocked = excluded.blocked, next_at = excluded.next_at, promise = excluded.promise,
                   closed = excluded.closed, standing = excluded.standing,
                   danger_at = excluded.danger_at, watch_at = excluded.watch_at, work_at = excluded.work_at,
                   promise_at = excluded.promise_at, opened_at = excluded.opened_at, changed_at = excluded.changed_at,
                   last_by = excluded.last_by, model = excluded.model, moves_until = excluded.moves_until
            """)
    void put(int shop, JobRow row);

    @Delete("""
            delete from job
             where shop_id = #{shop}
               and not exists (select from journal_head head where head.shop_id = job.shop_id and head.job = job.number)
            """)
    void clearJobsWithoutJournal(int shop);
}
