package glowkettle.app.match;

import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Searches that run. */
@Mapper
interface SearchMapper {
    /**
     * A search.
     *
     * @param changedAt the entry that cells or pack were changed by last when it began
     * @param refused why its answer was not taken; null while it runs
     */
    record SearchRow(
            String formId,
            String by,
            String role,
            long changedAt,
            long moves,
            long budget,
            @Nullable Long smallestMah,
            @Nullable String refused) {}

    @Insert("""
            insert into match_search (shop_id, job, form_id, by, role, changed_at)
            values (#{shop}, #{job}, #{formId}, #{by}, #{role}, #{changedAt})
            on conflict (shop_id, job) do update
               set form_id = excluded.form_id, by = excluded.by, role = excluded.role, changed_at = excluded.changed_at,
                   moves = 0, budget = 0, smallest_mah = null, stop_asked = false, refused = null
            """)
    void begin(int shop, long job, String formId, String by, String role, long changedAt);

    @Select("""
            select form_id, by, role, changed_at, moves, budget, smallest_mah, refused
              from match_search
             where shop_id = #{shop} and job = #{job}
            """)
    Optional<SearchRow> search(int shop, long job);

    /** @return whether somebody asked for its end; empty where the search is gone */
    @Select(value = """
            update match_search
               set moves = #{moves}, budget = #{budget}, smallest_mah = #{smallestMah}
             where shop_id = #{shop} and job = #{job} and form_id = #{formId}
            returning stop_asked
            """, affectData = true)
    Optional<Boolean> reached(int shop, long job, String formId, long moves, long budget, long smallestMah);

    @Update("update match_search set stop_asked = true where shop_id = #{shop} and job = #{job}")
    void stop(int shop, long job);

    @Update("update match_search set refused = #{why} where shop_id = #{shop} and job = #{job} and form_id = #{formId}")
    void refuse(int shop, long job, String formId, String why);

    @Delete("delete from match_search where shop_id = #{shop} and job = #{job} and form_id = #{formId}")
    void end(int shop, long job, String formId);
}
