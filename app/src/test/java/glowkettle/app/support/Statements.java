package glowkettle.app.support;

import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** What the database is asked while a request is answered. */
public final class Statements {
    private static final List<String> ASKED = new CopyOnWriteArrayList<>();

    private Statements() {}

    /** The statements that requests led to meanwhile, in their order. */
    public static List<String> during(Runnable requests) {
        ASKED.clear();
        requests.run();
        return List.copyOf(ASKED);
    }

    static BeanPostProcessor heard() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof DataSource database ? heard(DataSource.class, database, "") : bean;
            }
        };
    }

    private static <T> T heard(Class<T> type, T real, String sql) {
        InvocationHandler hear = (proxy, method, arguments) -> {
            if (method.getName().startsWith("execute")
                    && Thread.currentThread().getName().startsWith("http-")) {
                ASKED.add(sql);
            }
            try {
                Object answer = method.invoke(real, arguments);
                String asked = arguments != null && arguments.length > 0 && arguments[0] instanceof String text
                        ? text.strip().replaceAll("\\s+", " ")
                        : "";
                return switch (method.getName()) {
                    case "getConnection" -> heard(Connection.class, (Connection) answer, "");
                    case "prepareStatement" -> heard(PreparedStatement.class, (PreparedStatement) answer, asked);
                    default -> answer;
                };
            } catch (InvocationTargetException failed) {
                throw failed.getCause();
            }
        };
        return type.cast(Proxy.newProxyInstance(Statements.class.getClassLoader(), new Class<?>[] {type}, hear));
    }
}
