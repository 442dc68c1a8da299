package glowkettle.app.journal;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
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
            String stage,
            String tier,
            String nextWhat,
            boolean blocked,
            @Nullable Instant nextAt,
            @Nullable Instant promise,
            boolean closed,
            Instant openedAt,
            Instant changedAt) {}

    /** A moment at which hands are needed. */
    record ClockRow(long job, Instant at, String what, String stage) {}

    /** A pack in a container. */
    record StoredRow(long job, String container, String label, String tier, BigDecimal energyWh, Instant since) {}

    @Insert("""
            insert into job (shop_id, number, seq, owner, model_name, stage, tier, next_what, blocked, next_at, promise,
                             closed, opened_at, changed_at)
            values (#{shop}, #{row.number}, #{row.seq}, #{row.owner}, #{row.modelName}, #{row.stage}, #{row.tier},
                    #{row.nextWhat}, #{row.blocked}, #{row.nextAt}, #{row.promise}, #{row.closed}, #{row.openedAt},
                    #{row.changedAt})
            on conflict (shop_id, number) do update
               set seq = excluded.seq, owner = excluded.owner, model_name = excluded.model_name,
                   stage = excluded.stage, tier = excluded.tier, next_what = excluded.next_what,
                   blocked = excluded.blocked, next_at = excluded.next_at, promise = excluded.promise,
                   closed = excluded.closed, opened_at = excluded.opened_at, changed_at = excluded.changed_at
            """)
    void put(int shop, JobRow row);

    @Delete("""
            delete from clock where shop_id = #{shop} and job = #{job}
            """)
    void clearClocks(int shop, long job);

    @Insert("""
            <script>
            insert into clock (shop_id, job, at, what, stage) values
            <foreach item="row" collection="rows" separator=",">
                (#{shop}, #{row.job}, #{row.at}, #{row.what}, #{row.stage})
            </foreach>
            </script>
            """)
    void putClocks(int shop, List<ClockRow> rows);

    @Delete("""
            delete from stored_pack where shop_id = #{shop} and job = #{job}
            """)
    void clearStored(int shop, long job);

    @Insert("""
            insert into stored_pack (shop_id, job, container, label, tier, energy_wh, since)
            values (#{shop}, #{row.job}, #{row.container}, #{row.label}, #{row.tier}, #{row.energyWh}, #{row.since})
            """)
    void putStored(int shop, StoredRow row);

    @Delete("""
            delete from job where shop_id = #{shop}
            """)
    void clearJobs(int shop);
}
