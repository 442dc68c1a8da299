package glowkettle.app.journal;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** A lock that belongs to the connection, for as long as it is open. */
@Mapper
interface StartMapper {
    @Select("""
            select pg_advisory_lock(hashtext('glow kettle starts'))::text
            """)
    String lock();

    @Select("""
            select pg_advisory_unlock(hashtext('glow kettle starts'))
            """)
    boolean unlock();
}
