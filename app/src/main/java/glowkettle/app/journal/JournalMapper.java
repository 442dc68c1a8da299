package glowkettle.app.journal;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** The journal's rows. */
@Mapper
interface JournalMapper {
    /** An entry as it is stored. */
    record EntryRow(
            long job,
            long seq,
            Instant at,
            String by,
            String kind,
            String body,
            @Nullable Long corrects) {}

    @Select("""
            select job, seq, at, by, kind, body::text as body, corrects
              from journal_entry
             where shop_id = #{shop} and job = #{job} and seq > #{after}
             order by seq
            """)
    List<EntryRow> entries(int shop, long job, long after);

    @Select("""
            <script>
            select job, seq, at, by, kind, body::text as body, corrects
              from journal_entry
             where shop_id = #{shop}
               and job in <foreach item="job" collection="jobs" open="(" separator="," close=")">#{job}</foreach>
             order by job, seq
            </script>
            """)
    List<EntryRow> entriesOf(int shop, Collection<Long> jobs);

    @Select("""
            select job from journal_entry where shop_id = #{shop} and form_id = #{formId}::uuid
            """)
    Optional<Long> jobOfForm(int shop, String formId);

    /** True where a form was sent before with this very content, false where with another. */
    @Select("""
            select job = #{job} and body = #{body}::jsonb
              from journal_entry
             where shop_id = #{shop} and form_id = #{formId}::uuid
            """)
    Optional<Boolean> sentBefore(int shop, long job, String formId, String body);

    @Select("""
            select seq from journal_head where shop_id = #{shop} and job = #{job} for update
            """)
    Optional<Long> lockedSeq(int shop, long job);

    @Select("""
            update shop set last_job = last_job + 1 where id = #{shop} returning last_job
            """)
    long nextNumber(int shop);

    /** An entry, and the head of its journal moved on to it. */
    @Insert("""
            with written as (
                insert into journal_entry (shop_id, job, seq, at, by, kind, body, corrects, form_id)
                values (#{shop}, #{row.job}, #{row.seq}, #{row.at}, #{row.by}, #{row.kind}, #{row.body}::jsonb,
                        #{row.corrects}, #{formId}::uuid)
                returning shop_id, job, seq
            )
            insert into journal_head (shop_id, job, seq)
            select shop_id, job, seq from written
                on conflict (shop_id, job) do update set seq = excluded.seq
            """)
    void append(int shop, EntryRow row, String formId);

    @Select("""
            select job from journal_head where shop_id = #{shop} order by job
            """)
    List<Long> jobs(int shop);
}
