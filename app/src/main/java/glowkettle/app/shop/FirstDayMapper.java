package glowkettle.app.shop;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The steps of the first day that are behind. */
@Mapper
interface FirstDayMapper {
    @Select("select step from first_day where shop_id = #{shop}")
    List<FirstDay.Step> passed(int shop);

    @Insert("""
            insert into first_day (shop_id, step, at, by) values (#{shop}, #{step}, #{at}, #{by})
            on conflict do nothing
            """)
    void pass(int shop, FirstDay.Step step, Instant at, String by);

    @Select("select examples_away from shop where id = #{shop}")
    boolean examplesAway(int shop);

    @Update("update shop set examples_away = #{away} where id = #{shop}")
    void putExamplesAway(int shop, boolean away);
}
