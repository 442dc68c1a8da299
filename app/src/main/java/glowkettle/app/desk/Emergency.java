package glowkettle.app.desk;

import glowkettle.app.shop.ShopBook;
import java.time.Duration;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.function.RouterFunction;
import org.springframework.web.servlet.function.RouterFunctions;
import org.springframework.web.servlet.function.ServerResponse;
import org.springframework.web.servlet.resource.ResourceUrlProvider;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** The evacuation card on a page of its own, outside everything that could fail with the database. */
@Configuration
class Emergency {
    private static final MediaType SCRIPT = new MediaType("text", "javascript");

    /** Pages drawn from nothing but the shop as it was last known. */
    @Component
    static class Cards {
        private final ShopBook shop;
        private final ITemplateEngine templates;
        private final ObjectProvider<ResourceUrlProvider> assets;

        Cards(ShopBook shop, ITemplateEngine templates, ObjectProvider<ResourceUrlProvider> assets) {
            this.shop = shop;
            this.templates = templates;
            this.assets = assets;
        }

        String page(String template) {
            Context context = new Context();
            context.setVariable("shop", shop.lastKnown());
            context.setVariable("stylesheet", assets.getObject().getForLookupPath("/assets/kettle.css"));
            return templates.process(template, context);
        }
    }

    @Bean
    RouterFunction<ServerResponse> evacuate(Cards cards) {
        return RouterFunctions.route()
                .GET(
                        "/evacuate",
                        request -> ServerResponse.ok()
                                .contentType(MediaType.TEXT_HTML)
                                .cacheControl(CacheControl.noCache())
                                .body(cards.page("evacuate")))
                .GET(
                        "/evacuate.js",
                        request -> ServerResponse.ok()
                                .contentType(SCRIPT)
                                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(10)))
                                .body(new ClassPathResource("evacuate.js")))
                .build();
    }
}
