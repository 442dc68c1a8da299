package glowkettle.app.demo;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Copies journals, entry by entry, under new job numbers. */
@Mapper
interface CrowdMapper {
    /** Jobs whose pack lies in a container are left out: no store would hold so many. */
    @Insert("""
            with original as (
                select job, row_number() over (order by count(*) desc, job) as rank
                  from journal_entry
                 where shop_id = #{shop}
                 group by job
                having not bool_or(kind = 'pack-stored')
                 limit #{originals}
            )
            insert into journal_entry (shop_id, job, seq, at, by, kind, body, corrects, form_id)
            select entry.shop_id, #{first} + copy * #{originals} + original.rank - 1,
                   entry.seq, entry.at, entry.by, entry.kind, entry.body, entry.corrects, gen_random_uuid()
              from journal_entry entry
              join original using (job)
             cross join generate_series(0, #{copies} - 1) as copy
             where entry.shop_id = #{shop}
            """)
    int copy(int shop, long first, int originals, int copies);

    /** The heads that a copied journal is written on at. */
    @Insert("""
            insert into journal_head (shop_id, job, seq)
            select shop_id, job, max(seq)
              from journal_entry
             where shop_id = #{shop} and job >= #{first}
             group by shop_id, job
            """)
    int heads(int shop, long first);

    @Select("""
            select job from journal_head where shop_id = #{shop} and job >= #{first} order by job
            """)
    List<Long> numbers(int shop, long first);

    @Update("""
            update shop set last_job = (select max(job) from journal_entry where shop_id = #{shop}) where id = #{shop}
            """)
    void countOn(int shop);
}
