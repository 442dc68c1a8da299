package glowkettle.app.demo;

import glowkettle.app.journal.JobReader;
import glowkettle.app.journal.Relisting;
import glowkettle.app.shop.Shop;
import glowkettle.app.support.Kettle;
import glowkettle.demo.Play;
import java.time.Instant;
import java.util.Objects;
import javax.sql.DataSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** A journal copied entry by entry under a new number, with its lists. */
final class Copy {
    private Copy() {}

    static Play of(Kettle kettle, long original) {
        JdbcTemplate sql = new JdbcTemplate(kettle.bean(DataSource.class));
        long number = Objects.requireNonNull(sql.queryForObject(
                "update shop set last_job = last_job + 1 where id = ? returning last_job", Long.class, Shop.ID));
        sql.update("""
                with copied as (
                    insert into journal_entry (shop_id, job, seq, at, by, kind, body, corrects, form_id)
                    select shop_id, ?, seq, at, by, kind, body, corrects, gen_random_uuid()
                      from journal_entry
                     where shop_id = ? and job = ?
                    returning shop_id, job, seq
                )
                insert into journal_head (shop_id, job, seq)
                select shop_id, job, max(seq) from copied group by shop_id, job
                """, number, Shop.ID, original);
        kettle.bean(Relisting.class).listAnew(number);
        Instant newest = kettle.bean(JobReader.class).journal(number).getLast().at();
        return Play.resumed(kettle.bean(ShopWorld.class), number, newest);
    }
}
