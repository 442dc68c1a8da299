package glowkettle.app.arrive;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Open jobs on a device that is in the house already. */
@Mapper
interface SerialMapper {
    /**
     * The list of words finds the few that could be meant, the opening of each says whether it is.
     *
     * @param serial in small letters
     * @param pattern the same, with what a pattern means something by escaped, and wild ends
     */
    @Select("""
            select job.number
              from job
              join journal_entry opened
                on opened.shop_id = job.shop_id and opened.job = job.number and opened.seq = 1
             where job.shop_id = #{shop} and not job.closed and job.found_by like #{pattern}
               and lower(opened.body ->> 'serial') = #{serial}
             order by job.number
             limit 1
            """)
    Optional<Long> openWith(int shop, String serial, String pattern);
}
