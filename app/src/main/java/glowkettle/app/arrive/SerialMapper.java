package glowkettle.app.arrive;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Open jobs on a device that is in the house already. */
@Mapper
interface SerialMapper {
    /** @param serial in small letters, with what a pattern means something by escaped; the second test is for the whole of it */
    @Select("""
            select number
              from job
             where shop_id = #{shop} and not closed and found_by like '%' || #{serial} || '%'
               and ' · ' || found_by || ' · ' like '% · ' || #{serial} || ' · %'
             order by number
             limit 1
            """)
    Optional<Long> openWith(int shop, String serial);
}
