package glowkettle.app.isolation;

import glowkettle.isolation.Bulk;
import java.math.BigDecimal;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** The containers of the isolation store. */
@Mapper
interface ContainerMapper {
    /** A container. */
    record ContainerRow(String id, String name, BigDecimal capacityWh, int places, boolean outdoors, Bulk takes) {}

    @Select("""
            select id, name, capacity_wh, places, outdoors, takes
              from container
             where shop_id = #{shop}
             order by length(id), id
            """)
    List<ContainerRow> containers(int shop);

    @Select("""
            select id from container where shop_id = #{shop} and id = #{id} for update
            """)
    @Nullable
    String lock(int shop, String id);
}
