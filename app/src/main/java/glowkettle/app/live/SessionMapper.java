package glowkettle.app.live;

import java.util.Collection;
import java.util.Set;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Who is signed in. */
@Mapper
interface SessionMapper {
    @Select("""
            <script>
            select session_id
              from spring_session
             where principal_name is not null and expiry_time &gt; #{nowMillis}
               and session_id in <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach>
            </script>
            """)
    Set<String> signedIn(Collection<String> ids, long nowMillis);
}
