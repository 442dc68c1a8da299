package glowkettle.app.library;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** The list of what was noted at the bench, and what a lead decided about it. */
@Mapper
interface BenchNoteMapper {
    /** What was noted about a model. */
    record NoteRow(long job, long seq, @Nullable String operation, String note, Instant at, String by) {}

    /** These, and no others any more. */
    @Insert("""
            <script>
            <if test="!rows.isEmpty()">
            with kept as (
                insert into bench_note (shop_id, job, seq, model, operation, note, at, by) values
                <foreach item="row" collection="rows" separator=",">
                    (#{shop}, #{job}, #{row.seq}, #{model}, #{row.operation}, #{row.note}, #{row.at}, #{row.by})
                </foreach>
                on conflict (shop_id, job, seq) do update
                   set model = excluded.model, operation = excluded.operation, note = excluded.note
                returning seq
            )
            </if>
            delete from bench_note
             where shop_id = #{shop} and job = #{job}
            <if test="!rows.isEmpty()">
               and seq not in (select seq from kept)
            </if>
            </script>
            """)
    void put(int shop, long job, String model, List<NoteRow> rows);

    /** Those that wait for a lead. */
    @Select("""
            select note.job, note.seq, note.operation, note.note, note.at, note.by
              from bench_note note
             where note.shop_id = #{shop} and note.model = #{model}
               and not exists (select 1 from note_decision decided
                                where decided.shop_id = note.shop_id and decided.job = note.job
                                  and decided.seq = note.seq)
             order by note.at
             limit 50
            """)
    List<NoteRow> waiting(int shop, String model);

    /** How many notes about a model wait. */
    record Waiting(String model, int notes) {}

    @Select("""
            select note.model, count(*) as notes
              from bench_note note
             where note.shop_id = #{shop}
               and not exists (select 1 from note_decision decided
                                where decided.shop_id = note.shop_id and decided.job = note.job
                                  and decided.seq = note.seq)
             group by note.model
            """)
    List<Waiting> waitingByModel(int shop);

    @Insert("""
            insert into note_decision (shop_id, job, seq, accepted, at, by)
            values (#{shop}, #{job}, #{seq}, #{accepted}, #{at}, #{by})
            on conflict do nothing
            """)
    int decide(int shop, long job, long seq, boolean accepted, Instant at, String by);
}
