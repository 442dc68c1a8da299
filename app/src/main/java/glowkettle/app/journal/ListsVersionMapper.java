package glowkettle.app.journal;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** In which way the lists were made. */
@Mapper
interface ListsVersionMapper {
    @Select("""
            select version from projection where shop_id = #{shop}
            """)
    Optional<Integer> version(int shop);

    @Insert("""
            insert into projection (shop_id, version) values (#{shop}, #{version})
            on conflict (shop_id) do update set version = excluded.version
            """)
    void putVersion(int shop, int version);
}
