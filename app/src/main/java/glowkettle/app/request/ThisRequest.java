package glowkettle.app.request;

import java.util.function.Supplier;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** Asks once a request what does not change while one is answered. Outside of a request everything is asked anew. */
public final class ThisRequest {
    private ThisRequest() {}

    public static <T> T once(String name, Class<T> type, Supplier<T> asked) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request == null) {
            return asked.get();
        }
        Object known = request.getAttribute(name, RequestAttributes.SCOPE_REQUEST);
        if (known != null) {
            return type.cast(known);
        }
        T fresh = asked.get();
        request.setAttribute(name, fresh, RequestAttributes.SCOPE_REQUEST);
        return fresh;
    }

    /** It was changed by this very request. */
    public static void forget(String name) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.removeAttribute(name, RequestAttributes.SCOPE_REQUEST);
        }
    }
}
