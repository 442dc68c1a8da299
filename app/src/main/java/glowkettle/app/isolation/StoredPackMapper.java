package glowkettle.app.isolation;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** The list of packs in the store and of those that were handed over. */
@Mapper
interface StoredPackMapper {
    /**
     * A pack that was lifted out, or a device that was isolated; without a container it still lies on a bench.
     *
     * @param handOver number of the hand-over it went with
     */
    record PackRow(
            long job,
            @Nullable String container,
            String label,
            String tier,
            BigDecimal energyWh,
            Instant since,
            @Nullable Instant lookedAt,
            @Nullable BigDecimal surfaceC,
            @Nullable BigDecimal ambientC,
            @Nullable Instant nextLook,
            boolean outdoorsAtNight,
            String chemistry,
            BigDecimal cells,
            @Nullable BigDecimal massG,
            boolean damaged,
            @Nullable Integer handOver) {}

    @Insert("""
            insert into stored_pack (shop_id, job, container, label, tier, energy_wh, since, looked_at, surface_c,
                                     ambient_c, next_look, outdoors_at_night, chemistry, cells, mass_g, damaged,
                                     hand_over)
            values (#{shop}, #{row.job}, #{row.container}, #{row.label}, #{row.tier}, #{row.energyWh}, #{row.since},
                    #{row.lookedAt}, #{row.surfaceC}, #{row.ambientC}, #{row.nextLook}, #{row.outdoorsAtNight},
                    #{row.chemistry}, #{row.cells}, #{row.massG}, #{row.damaged}, #{row.handOver})
            on conflict (shop_id, job) do update
               set container = excluded.container, label = excluded.label, tier = excluded.tier,
                   energy_wh = excluded.energy_wh, since = excluded.since, looked_at = excluded.looked_at,
                   surface_c = excluded.surface_c, ambient_c = excluded.ambient_c, next_look = excluded.next_look,
                   outdoors_at_night = excluded.outdoors_at_night, chemistry = excluded.chemistry,
                   cells = excluded.cells, mass_g = excluded.mass_g, damaged = excluded.damaged,
                   hand_over = excluded.hand_over
            """)
    void put(int shop, PackRow row);

    @Delete("""
            delete from stored_pack where shop_id = #{shop} and job = #{job}
            """)
    void remove(int shop, long job);

    @Select("""
            select job, container, label, tier, energy_wh, since, looked_at, surface_c, ambient_c, next_look,
                   outdoors_at_night, chemistry, cells, mass_g, damaged, hand_over
              from stored_pack
             where shop_id = #{shop} and hand_over is null and container is not null
             order by container, since, job
            """)
    List<PackRow> packs(int shop);

    @Select("""
            select job, container, label, tier, energy_wh, since, looked_at, surface_c, ambient_c, next_look,
                   outdoors_at_night, chemistry, cells, mass_g, damaged, hand_over
              from stored_pack
             where shop_id = #{shop} and hand_over is null and container is null
             order by since, job
             limit #{most}
            """)
    List<PackRow> waiting(int shop, int most);

    @Select("""
            select job, container, label, tier, energy_wh, since, looked_at, surface_c, ambient_c, next_look,
                   outdoors_at_night, chemistry, cells, mass_g, damaged, hand_over
              from stored_pack
             where shop_id = #{shop} and hand_over = #{number}
             order by job
            """)
    List<PackRow> handedOver(int shop, int number);

    @Select("""
            select job from stored_pack where shop_id = #{shop} and hand_over is null
            """)
    List<Long> jobs(int shop);
}
