package glowkettle.app.security;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
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
            @Nullable Instant lockedUntil,
            boolean locked) {}

    @Select("""
            select name, shown_name, password, role, failures, locked_until, locked
              from account
             where shop_id = #{shop} and name = #{name}
            """)
    Optional<AccountRow> account(int shop, String name);

    @Select("""
            select count(*) from account where shop_id = #{shop}
            """)
    int count(int shop);

    @Select("""
            select name, shown_name, password, role, failures, locked_until, locked
              from account
             where shop_id = #{shop}
             order by locked, name
            """)
    List<AccountRow> all(int shop);

    /** Leads that can still sign in, held until the transaction ends, so that two cannot lock each other out. */
    @Select("""
            select name from account where shop_id = #{shop} and role = 'LEAD' and not locked for update
            """)
    List<String> leads(int shop);

    @Update("""
            update account set shown_name = #{shownName}, role = #{role}, locked = #{locked}
             where shop_id = #{shop} and name = #{name}
            """)
    int change(int shop, String name, String shownName, String role, boolean locked);

    @Update("""
            update account set password = #{password}, failures = 0, locked_until = null
             where shop_id = #{shop} and name = #{name}
            """)
    int changePassword(int shop, String name, String password);

    /** Whoever is locked or given another role signs in anew. */
    @Delete("""
            delete from spring_session where principal_name = #{name}
            """)
    void endSessions(String name);

    @Insert("""
            insert into account (shop_id, name, shown_name, password, role)
            values (#{shop}, #{row.name}, #{row.shownName}, #{row.password}, #{row.role})
            on conflict do nothing
            """)
    int put(int shop, AccountRow row);

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
