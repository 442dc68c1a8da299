package glowkettle.app.security;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Devices that are known for a name. */
@Mapper
interface DeviceMapper {
    /** A device as stored. */
    record DeviceRow(int failures, @Nullable Instant lockedUntil) {}

    @Select("""
            select failures, locked_until
              from known_device
             where shop_id = #{shop} and token_hash = #{hash} and name = #{name}
            """)
    Optional<DeviceRow> device(int shop, byte[] hash, String name);

    @Insert("""
            insert into known_device (shop_id, token_hash, name, used) values (#{shop}, #{hash}, #{name}, #{now})
            """)
    void put(int shop, byte[] hash, String name, Instant now);

    @Update("""
            update known_device set failures = 0, locked_until = null, used = #{now}
             where shop_id = #{shop} and token_hash = #{hash} and name = #{name}
            """)
    int used(int shop, byte[] hash, String name, Instant now);

    @Update("""
            update known_device
               set failures = failures + 1,
                   locked_until = case when failures >= 4
                                       then #{now}::timestamptz
                                            + make_interval(secs => least(300, power(2, least(failures - 3, 9))))
                                  end
             where shop_id = #{shop} and token_hash = #{hash} and name = #{name}
            """)
    int failed(int shop, byte[] hash, String name, Instant now);

    @Delete("""
            delete from known_device where shop_id = #{shop} and used < #{before}
            """)
    void forget(int shop, Instant before);

    /** Whoever is locked or has another password starts anew on every device. */
    @Delete("""
            delete from known_device where shop_id = #{shop} and name = #{name}
            """)
    void forgetAll(int shop, String name);
}
