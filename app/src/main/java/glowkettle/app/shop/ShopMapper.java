package glowkettle.app.shop;

import java.math.BigDecimal;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** The shop's row and its containers. */
@Mapper
interface ShopMapper {
    /** The shop as stored. */
    record ShopRow(String name, String zone, String emergencyNumber, String emergencyText, String opening) {}

    @Select("""
            select name, zone, emergency_number, emergency_text, opening::text as opening from shop where id = #{shop}
            """)
    ShopRow shop(int shop);

    @Insert("""
            insert into shop (id, name, zone, emergency_number, emergency_text, opening)
            values (#{shop}, #{row.name}, #{row.zone}, #{row.emergencyNumber}, #{row.emergencyText},
                    #{row.opening}::jsonb)
            on conflict do nothing
            """)
    int seed(int shop, ShopRow row);

    @Insert("""
            insert into container (shop_id, id, name, capacity_wh, places)
            values (#{shop}, #{id}, #{name}, #{capacityWh}, #{places})
            on conflict do nothing
            """)
    void putContainer(int shop, String id, String name, BigDecimal capacityWh, int places);
}
