package glowkettle.app.journal;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What lists need of a job, kept beside the journal and thrown away at will. */
@Mapper
interface ProjectionMapper {
    /** A job in a list. */
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
            @Nullable String heatPlace,
            @Nullable Instant heatFreeAt,
            @Nullable Instant dangerAt,
            @Nullable Instant watchAt,
            @Nullable Instant workAt,
            @Nullable Instant promiseAt,
            Instant openedAt,
            Instant changedAt) {}

    /** A moment at which hands are needed, or one that only tells and does not stay on the strip. */
    record ClockRow(long job, Instant at, String what, String stage, boolean stays, int rank) {}

    /** A pack that was lifted out, or a device that was isolated, until it is handed over and after. */
    record StoredRow(
            long job,
            @Nullable String container,
            String label,
            String tier,
            BigDecimal energyWh,
            Instant since,
            @Nullable Instant lookedAt,
            @Nullable BigDecimal surfaceC,
            @Nullable BigDecimal ambientC,
            @Nullable Instant nextLook,
            boolean outdoorsAtNight,
            String chemistry,
            BigDecimal cells,
            @Nullable BigDecimal massG,
            boolean damaged,
            @Nullable Integer handOver) {}

    /** The job's row, and away with whatever other lists show of it. */
    @Insert("""
            with no_clocks as (delete from clock where shop_id = #{shop} and job = #{row.number}),
                 no_pack as (delete from stored_pack where shop_id = #{shop} and job = #{row.number}),
                 no_times as (delete from step_time where shop_id = #{shop} and job = #{row.number}),
                 no_notes as (delete from bench_note where shop_id = #{shop} and job = #{row.number})
            insert into job (shop_id, number, seq, owner, model_name, found_by, stage, tier, next_what, blocked, next_at, promise,
                             closed, standing, heat_place, heat_free_at, danger_at, watch_at, work_at,
                             promise_at, opened_at, changed_at)
            values (#{shop}, #{row.number}, #{row.seq}, #{row.owner}, #{row.modelName}, #{row.foundBy}, #{row.stage}, #{row.tier},
                    #{row.nextWhat}, #{row.blocked}, #{row.nextAt}, #{row.promise}, #{row.closed}, #{row.standing}, #{row.heatPlace},
                    #{row.heatFreeAt}, #{row.dangerAt}, #{row.watchAt}, #{row.workAt}, #{row.promiseAt},
                    #{row.openedAt}, #{row.changedAt})
            on conflict (shop_id, number) do update
               set seq = excluded.seq, owner = excluded.owner, model_name = excluded.model_name,
                   found_by = excluded.found_by, stage = excluded.stage, tier = excluded.tier, next_what = excluded.next_what,
                   blocked = excluded.blocked, next_at = excluded.next_at, promise = excluded.promise,
                   closed = excluded.closed, standing = excluded.standing, heat_place = excluded.heat_place,
                   heat_free_at = excluded.heat_free_at,
                   danger_at = excluded.danger_at, watch_at = excluded.watch_at, work_at = excluded.work_at,
                   promise_at = excluded.promise_at, opened_at = excluded.opened_at, changed_at = excluded.changed_at
            """)
    void put(int shop, JobRow row);

    @Insert("""
            <script>
            insert into clock (shop_id, job, at, what, stage, stays, class) values
            <foreach item="row" collection="rows" separator=",">
                (#{shop}, #{row.job}, #{row.at}, #{row.what}, #{row.stage}, #{row.stays}, #{row.rank})
            </foreach>
            </script>
            """)
    void putClocks(int shop, List<ClockRow> rows);

    @Insert("""
            insert into stored_pack (shop_id, job, container, label, tier, energy_wh, since, looked_at, surface_c,
                                     ambient_c, next_look, outdoors_at_night, chemistry, cells, mass_g, damaged,
                                     hand_over)
            values (#{shop}, #{row.job}, #{row.container}, #{row.label}, #{row.tier}, #{row.energyWh}, #{row.since},
                    #{row.lookedAt}, #{row.surfaceC}, #{row.ambientC}, #{row.nextLook}, #{row.outdoorsAtNight},
                    #{row.chemistry}, #{row.cells}, #{row.massG}, #{row.damaged}, #{row.handOver})
            """)
    void putStored(int shop, StoredRow row);

    /** What a step took on one job. */
    record StepTimeRow(String model, String operation, long job, BigDecimal seconds) {}

    @Insert("""
            <script>
            insert into step_time (shop_id, model, operation, job, seconds) values
            <foreach item="row" collection="rows" separator=",">
                (#{shop}, #{row.model}, #{row.operation}, #{row.job}, #{row.seconds})
            </foreach>
            </script>
            """)
    void putStepTimes(int shop, List<StepTimeRow> rows);

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
    List<StepMedian> stepMedians(int shop, String model);

    /** What was noted at a step of a model. */
    record NoteRow(
            long job, long seq, String model, @Nullable String operation, String note, Instant at, String by) {}

    @Insert("""
            <script>
            insert into bench_note (shop_id, job, seq, model, operation, note, at, by) values
            <foreach item="row" collection="rows" separator=",">
                (#{shop}, #{row.job}, #{row.seq}, #{row.model}, #{row.operation}, #{row.note}, #{row.at}, #{row.by})
            </foreach>
            </script>
            """)
    void putNotes(int shop, List<NoteRow> rows);

    @Delete("""
            delete from job
             where shop_id = #{shop}
               and not exists (select from journal_head head where head.shop_id = job.shop_id and head.job = job.number)
            """)
    void clearJobsWithoutJournal(int shop);

    @Select("""
            select version from projection where shop_id = #{shop}
            """)
    Optional<Integer> version(int shop);

    @Insert("""
            insert into projection (shop_id, version) values (#{shop}, #{version})
            on conflict (shop_id) do update set version = excluded.version
            """)
    void putVersion(int shop, int version);

    @Select("""
            select job from clock where shop_id = #{shop}
             union
            select job from stored_pack where shop_id = #{shop} and hand_over is null
             order by job
            """)
    List<Long> jobsByTheClock(int shop);
}
