package glowkettle.app.support;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import glowkettle.app.GlowKettle;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** The application with its demo shop on a free port, and one browser; both started when first asked for. */
public final class Kettle {
    /** A Wednesday morning in the shop. */
    public static final Instant START = Instant.parse("2026-11-18T10:40:00Z");

    private static final int MORE_CONTAINERS = 60;

    private final ShopClock clock = new ShopClock(START);
    private final ConfigurableApplicationContext context;
    private @Nullable Playwright playwright;
    private @Nullable Browser browser;

    Kettle() {
        if (System.getenv("GLOW_KETTLE_DB") == null) {
            throw new IllegalStateException("These tests need a scratch database; run them with ./kettle test");
        }
        context = new SpringApplicationBuilder(GlowKettle.class)
                .initializers(starting -> {
                    GenericApplicationContext beans = (GenericApplicationContext) starting;
                    beans.registerBean("testClock", InstantSource.class, () -> clock, bean -> bean.setPrimary(true));
                    beans.registerBean("statements", BeanPostProcessor.class, Statements::heard);
                })
                .run(
                        "--server.port=0",
                        "--glow-kettle.demo=true",
                        "--glow-kettle.tester-hurry=2",
                        "--glow-kettle.begin-at=",
                        "--glow-kettle.proxies=127.0.0.1");
        addContainersAndMats();
    }

    /** Tests isolate more packs than a shop does in a month, and heat more at once. */
    private void addContainersAndMats() {
        JdbcTemplate jdbc = new JdbcTemplate(context.getBean(DataSource.class));
        jdbc.update("update shop set mats = 50");
        for (int i = 10; i < 10 + MORE_CONTAINERS; i++) {
            jdbc.update(
                    "insert into container (shop_id, id, name, capacity_wh, places) values (1, ?, ?, 150, 6)",
                    String.valueOf(i),
                    "Crock " + i);
        }
    }

    public String address() {
        return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    public ShopClock clock() {
        return clock;
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    @SuppressWarnings("unchecked")
    public <T> T bean(String name) {
        return (T) context.getBean(name);
    }

    public synchronized Browser browser() {
        if (browser == null) {
            playwright = Playwright.create();
            browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--disable-quic",
                                    "--disable-background-networking")));
        }
        return browser;
    }

    void close() {
        if (playwright != null) {
            playwright.close();
        }
        context.close();
    }
}
