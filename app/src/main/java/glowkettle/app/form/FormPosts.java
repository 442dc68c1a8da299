package glowkettle.app.form;

import glowkettle.app.shop.ShopBook;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.InstantSource;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Hands a form to whoever asks for a {@link FormPost}. */
@Component
class FormPosts implements HandlerMethodArgumentResolver, WebMvcConfigurer {
    private final ShopBook shop;
    private final InstantSource clock;

    FormPosts(ShopBook shop, InstantSource clock) {
        this.shop = shop;
        this.clock = clock;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == FormPost.class;
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest request,
            @Nullable WebDataBinderFactory binder) {
        return new FormPost(
                Objects.requireNonNull(request.getNativeRequest(HttpServletRequest.class)),
                Objects.requireNonNull(request.getNativeResponse(HttpServletResponse.class)),
                shop.zone(),
                clock.instant());
    }
}
