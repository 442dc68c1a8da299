package glowkettle.app.photo;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Photos, and the passes of telephones. */
@Mapper
interface PhotoMapper {
    /** A photo with its picture. */
    record PhotoRow(String id, long job, Instant at, String by, String type, int width, int height, byte[] picture) {}

    /** What a telephone may do. */
    record PassRow(
            String secret,
            long job,
            @Nullable String step,
            String by,
            Instant until,
            @Nullable String session) {}

    @Insert("""
            insert into photo (shop_id, id, job, at, by, type, width, height, picture)
            values (#{shop}, #{row.id}::uuid, #{row.job}, #{row.at}, #{row.by}, #{row.type}, #{row.width}, #{row.height},
                    #{row.picture})
                on conflict do nothing
            """)
    void put(int shop, PhotoRow row);

    @Select("""
            select id::text as id, job, at, by, type, width, height, picture
              from photo
             where shop_id = #{shop} and id = #{id}::uuid and picture is not null
            """)
    Optional<PhotoRow> photo(int shop, String id);

    @Update("""
            update photo set picture = null where shop_id = #{shop} and id = #{id}::uuid and job = #{job}
            """)
    void forget(int shop, long job, String id);

    @Delete("""
            delete from phone_pass where shop_id = #{shop} and until < #{now}
            """)
    void forgetPasses(int shop, Instant now);

    @Insert("""
            insert into phone_pass (shop_id, secret, job, step, by, until, session_id)
            values (#{shop}, #{row.secret}, #{row.job}, #{row.step}, #{row.by}, #{row.until}, #{row.session})
            """)
    void putPass(int shop, PassRow row);

    @Select("""
            select secret, job, step, by, until, phone_pass.session_id as session
              from phone_pass
              join spring_session maker on maker.session_id = phone_pass.session_id
             where shop_id = #{shop} and secret = #{secret} and maker.expiry_time > #{nowMillis}
            """)
    Optional<PassRow> pass(int shop, String secret, long nowMillis);
}
