package glowkettle.app.security;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** People who may sign in. */
@Mapper
interface AccountMapper {
    /** An account as stored. */
    record AccountRow(
            String name,
            String shownName,
            String password,
            String role,
            int failures,
            @Nullable Instant lockedUntil) {}

    @Select("""
            select name, shown_name, password, role, failures, locked_until
              from account
             where shop_id = #{shop} and name = #{name}
            """)
    Optional<AccountRow> account(int shop, String name);

    @Select("""
            select count(*) from account where shop_id = #{shop}
            """)
    int count(int shop);

    @Insert("""
            insert into account (shop_id, name, shown_name, password, role)
            values (#{shop}, #{row.name}, #{row.shownName}, #{row.password}, #{row.role})
            on conflict do nothing
            """)
    void put(int shop, AccountRow row);

    @Update("""
            update account
               set failures = failures + 1,
                   locked_until = case when failures >= 4
                                       then #{now}::timestamptz
                                            + make_interval(secs => least(300, power(2, least(failures - 3, 9))))
                                  end
             where shop_id = #{shop} and name = #{name}
            """)
    void failed(int shop, String name, Instant now);

    @Update("""
            update account set failures = 0, locked_until = null
             where shop_id = #{shop} and name = #{name} and failures > 0
            """)
    void succeeded(int shop, String name);
}
