package glowkettle.app.bench;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;

/** How jobs are found. */
@Mapper
interface JobSearchMapper {
    /**
     * Has every text of this transaction planned for itself. A plan for any text walks the whole list for a word that is in
     * no job, and looks up a common one in the index; each is the slow way for the other.
     */
    @Select("""
            select set_config('plan_cache_mode', 'force_custom_plan', true)
            """)
    String planEachText();

    @Select("""
            select number, owner, model_name, stage, tier, next_what, blocked, next_at, promise, closed, changed_at, 5 as rank
              from job
             where shop_id = #{shop} and number = #{number}
            """)
    Optional<BenchMapper.BenchJob> numbered(int shop, long number);

    /**
     * From which likeness on a word is looked at at all, for the rest of this transaction.
     *
     * @param likeness share of common runs of three letters, 0 to 1
     */
    @Select("""
            select set_config('pg_trgm.similarity_threshold', #{likeness}, true)
            """)
    // What was found by another likeness is asked again.
    @Options(flushCache = Options.FlushCachePolicy.TRUE)
    String lookAtWordsAlike(String likeness);

    /** Jobs that have every one of the patterns, open ones first. */
    @Select("""
            <script>
            select number, owner, model_name, stage, tier, next_what, blocked, next_at, promise, closed, changed_at, 5 as rank
              from job
             where shop_id = #{shop}
            <if test="onlyOpen">and not closed</if>
            <foreach item="pattern" collection="patterns">
               and found_by like #{pattern}
            </foreach>
             order by closed, changed_at desc
             limit #{most}
            </script>
            """)
    List<BenchMapper.BenchJob> having(int shop, List<String> patterns, boolean onlyOpen, int most);

    @Select("""
            select exists (select from found_word where shop_id = #{shop} and word like #{pattern})
            """)
    boolean isKnown(int shop, String pattern);

    /** The known word that takes the fewest strokes to reach, if it is near enough to be meant. */
    @Select("""
            select word
              from found_word
             where shop_id = #{shop} and word % #{word} and levenshtein_less_equal(word, #{word}, #{strokes}) <= #{strokes}
             order by levenshtein_less_equal(word, #{word}, #{strokes}), similarity(word, #{word}) desc, word
             limit 1
            """)
    Optional<String> nearest(int shop, String word, int strokes);
}
