package glowkettle.app.support;

import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** Hands the one running application to every test that asks for a {@link Kettle}. */
public final class RunningKettle implements ParameterResolver {
    /** For as long as this machine runs: classes are handed out to it one by one, each as a run of its own. */
    private static final class Held {
        private static final Kettle KETTLE = start();

        private static Kettle start() {
            Kettle kettle = new Kettle();
            Runtime.getRuntime().addShutdownHook(new Thread(kettle::close));
            return kettle;
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
        return parameter.getParameter().getType() == Kettle.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
        return Held.KETTLE;
    }
}
