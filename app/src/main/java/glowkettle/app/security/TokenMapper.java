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

/** Tokens by which programs ask for sums; a token itself is nowhere kept. */
@Mapper
interface TokenMapper {
    /** A token as stored, without its hash. */
    record TokenRow(
            long id,
            String account,
            String name,
            @Nullable String stage,
            Instant made,
            @Nullable Instant lastUsed) {}

    /** Whose it is, and what it may ask for. */
    record HolderRow(
            long id,
            String account,
            String role,
            @Nullable String stage,
            @Nullable Instant lastUsed) {}

    @Insert("""
            insert into access_token (shop_id, account, token_hash, name, stage, made)
            values (#{shop}, #{account}, #{hash}, #{name}, #{stage}, #{made})
            """)
    void put(int shop, String account, byte[] hash, String name, @Nullable String stage, Instant made);

    @Select("""
            select id, account, name, stage, made, last_used
              from access_token
             where shop_id = #{shop} and account = #{account}
             order by made desc, id desc
            """)
    List<TokenRow> of(int shop, String account);

    @Select("""
            select count(*) from access_token where shop_id = #{shop} and account = #{account}
            """)
    int count(int shop, String account);

    @Select("""
            select access_token.id, account.name as account, account.role, access_token.stage, access_token.last_used
              from access_token
              join account on account.shop_id = access_token.shop_id and account.name = access_token.account
             where access_token.token_hash = #{hash} and not account.locked
            """)
    Optional<HolderRow> holder(byte[] hash);

    @Update("""
            update access_token set last_used = #{now} where id = #{id}
            """)
    void used(long id, Instant now);

    @Delete("""
            delete from access_token where shop_id = #{shop} and account = #{account} and id = #{id}
            """)
    int withdraw(int shop, String account, long id);

    @Delete("""
            delete from access_token where shop_id = #{shop} and account = #{account}
            """)
    void withdrawAll(int shop, String account);
}
