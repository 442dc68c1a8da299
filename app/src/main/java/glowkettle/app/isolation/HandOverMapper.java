package glowkettle.app.isolation;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** What was handed over. */
@Mapper
interface HandOverMapper {
    /** A hand-over's head. */
    record HandOverRow(int number, Instant at, String by, String collector, int packs) {}

    @Select("""
            select head.number, head.at, head.by, head.collector,
                   (select count(*) from stored_pack where shop_id = head.shop_id and hand_over = head.number) as packs
              from hand_over head
             where head.shop_id = #{shop} and head.number = #{number}
            """)
    Optional<HandOverRow> handOver(int shop, int number);

    @Select("""
            select head.number, head.at, head.by, head.collector, count(pack.job) as packs
              from hand_over head
              left join stored_pack pack on pack.shop_id = head.shop_id and pack.hand_over = head.number
             where head.shop_id = #{shop}
             group by head.shop_id, head.number
             order by head.number desc
             limit #{most}
            """)
    List<HandOverRow> handOvers(int shop, int most);

    @Select("""
            select number from hand_over where shop_id = #{shop} and form_id = #{formId}::uuid
            """)
    Optional<Integer> ofForm(int shop, String formId);

    /** Numbers are given under the lock of the shop's row, one after the other. */
    @Select("""
            select 1 + coalesce((select max(number) from hand_over where shop_id = shop.id), 0)
              from shop
             where id = #{shop}
               for update
            """)
    int nextHandOver(int shop);

    @Insert("""
            insert into hand_over (shop_id, number, at, by, collector, form_id)
            values (#{shop}, #{row.number}, #{row.at}, #{row.by}, #{row.collector}, #{formId}::uuid)
            """)
    void putHandOver(int shop, HandOverRow row, String formId);
}
