package glowkettle.app.desk;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Collections;
import java.util.Enumeration;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.stereotype.Component;
import org.thymeleaf.spring6.view.ThymeleafView;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/**
 * A page that keeps its variables at hand. Templates keep them as attributes of the request and ask for thousands a page,
 * each through every wrapper that a filter put around the request.
 */
public final class DrawnView extends ThymeleafView {
    @Override
    public void render(@Nullable Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        super.render(model, new AtHand(request), response);
    }

    /** What is set while the page is drawn stays here; what is read is fetched once. */
    private static final class AtHand extends HttpServletRequestWrapper {
        private final Map<String, @Nullable Object> attributes = new HashMap<>();

        AtHand(HttpServletRequest request) {
            super(request);
        }

        @Override
        public @Nullable Object getAttribute(String name) {
            Object known = attributes.get(name);
            if (known != null || attributes.containsKey(name)) {
                return known;
            }
            Object fetched = super.getAttribute(name);
            attributes.put(name, fetched);
            return fetched;
        }

        @Override
        public void setAttribute(String name, @Nullable Object value) {
            attributes.put(name, value);
        }

        @Override
        public Enumeration<String> getAttributeNames() {
            Set<String> names = new LinkedHashSet<>(Collections.list(super.getAttributeNames()));
            attributes.forEach((name, value) -> {
                if (value == null) {
                    names.remove(name);
                } else {
                    names.add(name);
                }
            });
            return Collections.enumeration(names);
        }

        @Override
        public void removeAttribute(String name) {
            attributes.put(name, null);
        }
    }

    /** Has every page drawn so. */
    @Component
    static final class Drawing implements BeanPostProcessor {
        @Override
        public Object postProcessAfterInitialization(Object bean, String name) {
            if (bean instanceof ThymeleafViewResolver resolver) {
                resolver.setViewClass(DrawnView.class);
            }
            return bean;
        }
    }
}
