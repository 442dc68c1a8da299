package glowkettle.app.arrive;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Which models come in often. */
@Mapper
interface OftenMapper {
    /** Of the newest jobs, the models that came most often, the latest first among equals. */
    @Select("""
            select model
              from (select model, number
                      from job
                     where shop_id = #{shop}
                     order by number desc
                     limit #{newest}) as lately
             where model <> ''
             group by model
             order by count(*) desc, max(number) desc
             limit #{most}
            """)
    List<String> models(int shop, int newest, int most);
}
