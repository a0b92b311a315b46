package mellowflare.core;

import java.io.IOException;
import java.lang.reflect.Constructor;
import java.lang.reflect.Field;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Modifier;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.Stream;
import mellowflare.core.job.Kinds;
import mellowflare.core.measure.Length;

/** One sound value of each record of core: put together from plain parts where the record takes them, else as the tables hold it. */
final class RecordSamples {
    private static final int TRIES = 80;
    private static final List<Double> NUMBERS = List.of(1d, 0.5, 2d, 10d, 0.1, 100d, 0d, 20d);

    private static RecordSamples shared;

    private final Map<Class<?>, Object> kept = new HashMap<>();

    private RecordSamples(List<Class<?>> records) {
        Map<Class<?>, Object> held = held();
        boolean more = true;
        while (more) {
            more = false;
            for (Class<?> r : records) {
                if (!kept.containsKey(r)) {
                    Optional<Object> made = made(r).or(() -> Optional.ofNullable(held.get(r)));
                    made.ifPresent(m -> kept.put(r, m));
                    more |= made.isPresent();
                }
            }
        }
    }

    /** Made once in a process, and anew where that failed. */
    static synchronized RecordSamples shared() {
        if (shared == null) {
            shared = new RecordSamples(records());
        }
        return shared;
    }

    /** Every record of core, by name. */
    static List<Class<?>> records() {
        return classes().stream().filter(Class::isRecord).toList();
    }

    /** Every class of core, by name. */
    static List<Class<?>> classes() {
        try {
            Path root = Path.of(Length.class
                    .getProtectionDomain()
                    .getCodeSource()
                    .getLocation()
                    .toURI());
            try (Stream<Path> files = Files.walk(root.resolve("mellowflare/core"))) {
                return files.map(f -> root.relativize(f).toString().replace('/', '.'))
                        .filter(f -> f.endsWith(".class") && !f.endsWith("-info.class"))
                        .sorted()
                        .<Class<?>>map(f -> named(f.substring(0, f.length() - ".class".length())))
                        .toList();
            }
        } catch (URISyntaxException | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Class<?> named(String name) {
        try {
            return Class.forName(name, false, RecordSamples.class.getClassLoader());
        } catch (ClassNotFoundException e) {
            throw new IllegalStateException(e);
        }
    }

    Optional<Object> of(Class<?> record) {
        return Optional.ofNullable(kept.get(record));
    }

    /** A record of these values; empty where it refuses them. */
    static Optional<Object> made(Class<?> record, Object... values) {
        try {
            Constructor<?> c = record.getDeclaredConstructor(Arrays.stream(record.getRecordComponents())
                    .map(RecordComponent::getType)
                    .toArray(Class[]::new));
            c.setAccessible(true);
            return Optional.of(c.newInstance(values));
        } catch (InvocationTargetException e) {
            return Optional.empty();
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What a component of that type may plainly be, the n-th of them. */
    Optional<Object> plain(Type type, int n) {
        if (type instanceof ParameterizedType p) {
            if (p.getRawType() == Optional.class) {
                return Optional.of(n % 3 == 2 ? Optional.empty() : plain(p.getActualTypeArguments()[0], n));
            }
            return container((Class<?>) p.getRawType());
        }
        if (!(type instanceof Class<?> c)) {
            return Optional.empty();
        }
        if (c == double.class || c == Double.class) {
            return Optional.of(NUMBERS.get(n % NUMBERS.size()));
        }
        if (c == int.class || c == Integer.class) {
            return Optional.of(NUMBERS.get(n % NUMBERS.size()).intValue());
        }
        if (c == long.class || c == Long.class) {
            return Optional.of(NUMBERS.get(n % NUMBERS.size()).longValue());
        }
        if (c == boolean.class || c == Boolean.class) {
            return Optional.of(n % 2 == 1);
        }
        if (c == String.class) {
            return Optional.of(n % 2 == 0 ? "a" : "b");
        }
        if (c.isEnum()) {
            return Optional.of(c.getEnumConstants()[n % c.getEnumConstants().length]);
        }
        if (c == BiPredicate.class) {
            return Optional.of((BiPredicate<?, ?>) (a, b) -> true);
        }
        return Optional.ofNullable(kept.get(c))
                .or(() -> kept.entrySet().stream()
                        .filter(k -> c.isSealed() && c.isAssignableFrom(k.getKey()))
                        .min(Map.Entry.comparingByKey(Comparator.comparing(Class::getName)))
                        .map(Map.Entry::getValue));
    }

    private static Optional<Object> container(Class<?> raw) {
        if (raw == List.class) {
            return Optional.of(List.of());
        }
        if (raw == Set.class) {
            return Optional.of(Set.of());
        }
        return raw == Map.class ? Optional.of(Map.of()) : Optional.empty();
    }

    private Optional<Object> made(Class<?> record) {
        RecordComponent[] components = record.getRecordComponents();
        Random random = new Random(TRIES);
        for (int t = 0; t < TRIES; t++) {
            Object[] values = new Object[components.length];
            for (int i = 0; i < values.length; i++) {
                int n = t < NUMBERS.size() ? t : random.nextInt(24);
                values[i] = plain(components[i].getGenericType(), n).orElse(null);
            }
            if (Arrays.stream(values).anyMatch(Objects::isNull)) {
                return Optional.empty();
            }
            Optional<Object> made = made(record, values);
            if (made.isPresent()) {
                return made;
            }
        }
        return Optional.empty();
    }

    /** The first record of each class that the tables and fresh lines hold. */
    private static Map<Class<?>, Object> held() {
        Map<Class<?>, Object> first = new HashMap<>();
        Set<Object> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        Deque<Object> open = new ArrayDeque<>();
        Kinds.ALL.forEach(k -> open.add(k.fresh()));
        open.add(Samples.DATA);
        while (!open.isEmpty()) {
            Object o = open.poll();
            if (!seen.add(o)) {
                continue;
            }
            if (o instanceof Collection<?> c) {
                c.stream().filter(Objects::nonNull).forEach(open::add);
            } else if (o instanceof Map<?, ?> m) {
                m.keySet().forEach(open::add);
                m.values().forEach(open::add);
            } else if (o instanceof Optional<?> p) {
                p.ifPresent(open::add);
            } else if (o.getClass().getPackageName().startsWith("mellowflare.")) {
                if (o.getClass().isRecord()) {
                    first.putIfAbsent(o.getClass(), o);
                }
                fields(o).forEach(open::add);
            }
        }
        return first;
    }

    private static List<Object> fields(Object o) {
        return Arrays.stream(o.getClass().getDeclaredFields())
                .filter(f ->
                        !Modifier.isStatic(f.getModifiers()) && !f.getType().isPrimitive())
                .map(f -> held(o, f))
                .filter(Objects::nonNull)
                .toList();
    }

    private static Object held(Object o, Field field) {
        try {
            field.setAccessible(true);
            return field.get(o);
        } catch (IllegalAccessException e) {
            throw new IllegalStateException(e);
        }
    }
}
