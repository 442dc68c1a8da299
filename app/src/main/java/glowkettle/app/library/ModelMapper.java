package glowkettle.app.library;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Models that the shop described itself. */
@Mapper
interface ModelMapper {
    /** A version of a model, with who made it and why. */
    record VersionRow(String id, int version, Instant at, String by, String why, String body) {}

    @Select("""
            select id, version, at, by, why, body::text as body
              from device_model
             where shop_id = #{shop} and id = #{id}
             order by version
            """)
    List<VersionRow> versions(int shop, String id);

    /** Versions of a model at a moment: the newest by then and the first of all, 0 where there is none. */
    record Standing(int newest, int first) {}

    @Select("""
            select coalesce(max(version) filter (where at <= #{at}), 0) as newest, coalesce(min(version), 0) as first
              from device_model
             where shop_id = #{shop} and id = #{id}
            """)
    Standing standing(int shop, String id, Instant at);

    @Select("""
            select id, version, at, by, why, body::text as body
              from device_model
             where shop_id = #{shop} and id = #{id} and version = #{version}
            """)
    VersionRow version(int shop, String id, int version);

    /** A model in its newest version. */
    record Newest(String id, int version) {}

    @Select("""
            select id, max(version) as version from device_model where shop_id = #{shop} group by id order by id
            """)
    List<Newest> newestOfAll(int shop);

    @Select("""
            select coalesce(max(version), 0) from device_model where shop_id = #{shop} and id = #{id}
            """)
    int newest(int shop, String id);

    @Insert("""
            insert into device_model (shop_id, id, version, body, at, by, why)
            values (#{shop}, #{row.id}, #{row.version}, #{row.body}::jsonb, #{row.at}, #{row.by}, #{row.why})
            on conflict do nothing
            """)
    int put(int shop, VersionRow row);
}
