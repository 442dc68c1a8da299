package glowkettle.app.shop;

import glowkettle.isolation.Bulk;
import java.math.BigDecimal;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The shop's row and its containers. */
@Mapper
interface ShopMapper {
    /** The shop as stored. */
    record ShopRow(
            String name,
            String zone,
            String emergencyNumber,
            String emergencyText,
            String currency,
            int hands,
            int chargers,
            int mats,
            int dryers,
            int airStations,
            String opening) {}

    /** A container as the shop set it up. */
    record ContainerRow(
            String id, String name, BigDecimal capacityWh, int places, boolean outdoors, Bulk takes, int packs) {}

    @Select("""
            select name, zone, emergency_number, emergency_text, currency, hands, chargers, mats, dryers, air_stations,
                   opening::text as opening
              from shop
             where id = #{shop}
            """)
    ShopRow shop(int shop);

    @Insert("""
            insert into shop (id, name, zone, emergency_number, emergency_text, currency, hands, chargers, mats, dryers,
                              air_stations, opening)
            values (#{shop}, #{row.name}, #{row.zone}, #{row.emergencyNumber}, #{row.emergencyText},
                    #{row.currency}, #{row.hands}, #{row.chargers}, #{row.mats}, #{row.dryers},
                    #{row.airStations}, #{row.opening}::jsonb)
            on conflict do nothing
            """)
    int seed(int shop, ShopRow row);

    @Update("""
            update shop
               set name = #{row.name}, zone = #{row.zone}, emergency_number = #{row.emergencyNumber},
                   emergency_text = #{row.emergencyText}, currency = #{row.currency}, hands = #{row.hands},
                   chargers = #{row.chargers}, mats = #{row.mats}, dryers = #{row.dryers},
                   air_stations = #{row.airStations}, opening = #{row.opening}::jsonb
             where id = #{shop}
            """)
    void change(int shop, ShopRow row);

    @Select("""
            select container.id, container.name, container.capacity_wh, container.places, container.outdoors,
                   container.takes,
                   count(pack.job) as packs
              from container
              left join stored_pack pack
                on pack.shop_id = container.shop_id and pack.container = container.id and pack.hand_over is null
             where container.shop_id = #{shop}
             group by container.shop_id, container.id
             order by length(container.id), container.id
            """)
    List<ContainerRow> containers(int shop);

    @Insert("""
            insert into container (shop_id, id, name, capacity_wh, places, outdoors, takes)
            values (#{shop}, #{id}, #{name}, #{capacityWh}, #{places}, #{outdoors}, #{takes})
            on conflict (shop_id, id) do update
               set name = excluded.name, capacity_wh = excluded.capacity_wh, places = excluded.places,
                   outdoors = excluded.outdoors, takes = excluded.takes
            """)
    void putContainer(
            int shop, String id, String name, BigDecimal capacityWh, int places, boolean outdoors, Bulk takes);

    /** Only an empty container is taken away. */
    @Delete("""
            delete from container
             where shop_id = #{shop} and id = #{id}
               and not exists (select 1
                                 from stored_pack pack
                                where pack.shop_id = container.shop_id and pack.container = container.id
                                  and pack.hand_over is null)
            """)
    int removeContainer(int shop, String id);
}
