package glowkettle.app.arrive;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Logs of the pressure tester. */
@Mapper
interface BenchLogMapper {
    /** A log's head. */
    record LogRow(long job, Instant at, BigDecimal target, BigDecimal volume) {}

    /** A sample. */
    record SampleRow(BigDecimal seconds, BigDecimal value) {}

    @Insert("""
            insert into bench_log (shop_id, log, job, at, target, volume)
            values (#{shop}, #{log}::uuid, #{row.job}, #{row.at}, #{row.target}, #{row.volume})
            """)
    void put(int shop, String log, LogRow row);

    @Select("""
            select job, at, target, volume from bench_log where shop_id = #{shop} and log = #{log}::uuid
            """)
    Optional<LogRow> log(int shop, String log);

    @Select("""
            select seconds, value from bench_sample where shop_id = #{shop} and log = #{log}::uuid order by seconds
            """)
    List<SampleRow> samples(int shop, String log);
}
