package glowkettle.app.limits;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Versions of the shop limits. */
@Mapper
interface LimitsMapper {
    /** One version as stored. */
    record VersionRow(int version, Instant at, String by, String why, String values) {}

    @Select("""
            select version, at, by, why, values::text as values
              from limits_version
             where shop_id = #{shop} and version = #{version}
            """)
    Optional<VersionRow> version(int shop, int version);

    @Select("""
            select max(version) from limits_version where shop_id = #{shop}
            """)
    Optional<Integer> newestVersion(int shop);

    @Select("""
            select version, at, by, why, values::text as values
              from limits_version
             where shop_id = #{shop}
             order by version desc
             limit 1
            """)
    Optional<VersionRow> newest(int shop);

    @Select("""
            select version, at, by, why, values::text as values
              from limits_version
             where shop_id = #{shop}
             order by version desc
            """)
    List<VersionRow> all(int shop);

    @Insert("""
            insert into limits_version (shop_id, version, at, by, why, values)
            values (#{shop}, #{row.version}, #{row.at}, #{row.by}, #{row.why}, #{row.values}::jsonb)
            on conflict do nothing
            """)
    int put(int shop, VersionRow row);
}
