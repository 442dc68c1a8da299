package glowkettle.app.library;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Models that the shop described itself. */
@Mapper
interface ModelMapper {
    @Select("""
            select body::text from device_model where shop_id = #{shop} and id = #{id}
            """)
    Optional<String> model(int shop, String id);

    @Select("""
            select id from device_model where shop_id = #{shop} order by id
            """)
    List<String> ids(int shop);

    @Insert("""
            insert into device_model (shop_id, id, body, at, by)
            values (#{shop}, #{id}, #{body}::jsonb, #{at}, #{by})
            on conflict do nothing
            """)
    int put(int shop, String id, String body, Instant at, String by);
}
