package glowkettle.app.isolation;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Containers and packs. */
@Mapper
interface ContainerMapper {
    /** A container. */
    record ContainerRow(String id, String name, BigDecimal capacityWh, int places) {}

    /** A pack held. */
    record HeldRow(long job, String container, String label, String tier, BigDecimal energyWh, Instant since) {}

    @Select("""
            select id, name, capacity_wh, places from container where shop_id = #{shop} order by id
            """)
    List<ContainerRow> containers(int shop);

    @Select("""
            select id from container where shop_id = #{shop} and id = #{id} for update
            """)
    @Nullable
    String lock(int shop, String id);

    @Select("""
            select job, container, label, tier, energy_wh, since
              from stored_pack
             where shop_id = #{shop}
             order by container, since, job
            """)
    List<HeldRow> held(int shop);
}
