package glowkettle.app.demo;

import glowkettle.finding.Unanswerable;
import glowkettle.finding.Within;
import glowkettle.job.Entry;
import glowkettle.job.JobFile;
import glowkettle.job.arrive.ArriveEntry;
import glowkettle.job.assess.AssessEntry;
import glowkettle.job.isolation.IsolationEntry;
import glowkettle.job.open.OpenEntry;
import glowkettle.job.order.OrderOfWork;
import glowkettle.job.photo.PhotoEntry;
import glowkettle.job.prove.Proving;
import glowkettle.library.DeviceModel;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Entries of every kind that the forms could send, in range and about this job, and otherwise by chance. */
final class OddEntries {
    private static final List<String> FIGURES = List.of(
            "0", "0.1", "0.2", "1", "2", "3.7", "3.8", "4.2", "5", "7.4", "20", "21", "22", "24", "30", "50", "80");

    /** They name what stands outside of the journal. */
    private static final List<Class<?>> OF_OTHER_BOOKS = List.of(
            ArriveEntry.JobOpened.class,
            AssessEntry.Rejudged.class,
            ArriveEntry.ModelNamed.class,
            PhotoEntry.PhotoTaken.class,
            PhotoEntry.PhotoRemoved.class,
            ArriveEntry.PressureHeld.class,
            OpenEntry.MinutesLearnt.class,
            IsolationEntry.PackReleased.class);

    private final Random random;
    private final List<? extends Class<? extends Entry>> kinds = OrderOfWork.CHAPTERS.kinds().stream()
            .sorted(Comparator.comparing(kind -> kind.id()))
            .<Class<? extends Entry>>map(kind -> kind.type())
            .filter(type -> !OF_OTHER_BOOKS.contains(type))
            .toList();

    OddEntries(Random random) {
        this.random = random;
    }

    List<? extends Class<? extends Entry>> kinds() {
        return kinds;
    }

    Entry next(JobFile job) {
        return of(kinds.get(random.nextInt(kinds.size())), job);
    }

    Entry of(Class<?> kind, JobFile job) {
        while (true) {
            try {
                return (Entry) made(kind, job);
            } catch (Unanswerable refusedByTheForm) {
                // The binder asks for such a form again; it never gets here.
            }
        }
    }

    private Object made(Class<?> type, JobFile job) {
        RecordComponent[] components = type.getRecordComponents();
        Object[] values = Arrays.stream(components)
                .map(component -> value(component, job))
                .toArray();
        Class<?>[] types =
                Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
        try {
            return type.getDeclaredConstructor(types).newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof Unanswerable unanswerable) {
                throw unanswerable;
            }
            throw new IllegalStateException("No %s of %s".formatted(type, Arrays.toString(values)), e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private @Nullable Object value(RecordComponent component, JobFile job) {
        boolean nullable = component.getAnnotatedType().isAnnotationPresent(Nullable.class);
        return nullable && random.nextInt(5) < 3
                ? null
                : value(
                        component.getType(),
                        component.getGenericType(),
                        component.getName(),
                        component.getAnnotation(Within.class),
                        job);
    }

    private Object value(Class<?> type, Type generic, String name, @Nullable Within within, JobFile job) {
        if (type == BigDecimal.class) {
            return figure(within);
        }
        if (type == Boolean.class || type == boolean.class) {
            return random.nextInt(4) == 0;
        }
        if (type == String.class) {
            return text(name, job);
        }
        if (type == Instant.class) {
            return job.now().plus(Duration.ofMinutes(random.nextInt(4000) - 2000));
        }
        if (type == int.class) {
            return random.nextInt(20);
        }
        if (type.isEnum()) {
            return any(Arrays.asList(type.getEnumConstants()));
        }
        if (type == List.class || type == java.util.Set.class) {
            List<Object> list = list(generic, name, within, job);
            return type == List.class ? list : new HashSet<>(list);
        }
        return made(type, job);
    }

    private List<Object> list(Type generic, String name, @Nullable Within within, JobFile job) {
        Class<?> of = (Class<?>) ((ParameterizedType) generic).getActualTypeArguments()[0];
        List<Object> list = new ArrayList<>();
        for (int i = random.nextInt(5); i > 0; i--) {
            list.add(value(of, of, name, within, job));
        }
        return list;
    }

    private BigDecimal figure(@Nullable Within within) {
        BigDecimal least = new BigDecimal(within == null ? "0" : within.min());
        BigDecimal most = new BigDecimal(within == null ? "100" : within.max());
        BigDecimal usual = new BigDecimal(any(FIGURES));
        boolean fits = usual.compareTo(least) >= 0 && usual.compareTo(most) <= 0;
        BigDecimal figure = fits && random.nextInt(4) > 0
                ? usual
                : least.add(most.subtract(least)
                        .multiply(BigDecimal.valueOf(random.nextInt(1001), 3))
                        .round(new MathContext(5)));
        return within != null && within.whole()
                ? figure.setScale(0, RoundingMode.UP).min(most)
                : figure;
    }

    private String text(String name, JobFile job) {
        DeviceModel model = job.model();
        List<String> operations = model.anatomy().operations().stream()
                .map(operation -> operation.id())
                .toList();
        List<String> fasteners = model.anatomy().fasteners().stream()
                .map(fastener -> fastener.id())
                .toList();
        List<String> known = switch (name) {
            case "step", "order", "operation" -> operations;
            case "bond" ->
                model.anatomy().bonds().stream().map(bond -> bond.operation()).toList();
            case "out", "missing", "fastener", "hole" -> fasteners;
            case "lead" ->
                model.housing().leads() == null
                        ? List.of()
                        : model.housing().leads().leads().stream()
                                .map(lead -> lead.id())
                                .toList();
            case "targets" ->
                model.anatomy().otherTargets().stream()
                        .map(DeviceModel.Target::operation)
                        .toList();
            case "check" ->
                Proving.of(job).checks().stream().map(check -> check.id()).toList();
            case "container" ->
                Stream.iterate(10, id -> id + 1).limit(60).map(String::valueOf).toList();
            default -> List.of();
        };
        return known.isEmpty() || random.nextInt(30) == 0
                ? any(List.of("x", "Größe „Å“", "0", "-", "<b>", "a.b[0]", "missing-pack"))
                : any(known);
    }

    <T> T any(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }
}
