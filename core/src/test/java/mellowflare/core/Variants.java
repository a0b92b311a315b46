package mellowflare.core;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A line, and the same changed in one place at a time: whatever its record holds, and the records in it. What a record refuses is left out. */
public final class Variants {
    private static final double[] TIMES = {0.4, 3};
    private static final double FRESH = 25;

    private static final int SAID = 60;

    private final Map<String, List<?>> words;

    /**
     * A line changed in one place.
     *
     * @param name which place, and what it holds now
     */
    public record Variant<R>(String name, R value) {}

    private Variants(Map<String, List<?>> words) {
        this.words = words;
    }

    /**
     * The line as it is, then each change.
     *
     * @param words what a component of that name may hold that no type tells: ids of tables
     */
    public static <R extends Record> List<Variant<R>> of(R base, Map<String, List<?>> words) {
        List<Variant<R>> all = new ArrayList<>(List.of(new Variant<>("as it is", base)));
        all.addAll(new Variants(words).changed(base));
        return all;
    }

    private static String name(String component, Object value) {
        String text = component + "=" + value;
        return text.length() <= SAID ? text : text.substring(0, SAID);
    }

    private <R extends Record> List<Variant<R>> changed(R base) {
        RecordComponent[] components = base.getClass().getRecordComponents();
        List<Variant<R>> all = new ArrayList<>();
        try {
            Object[] values = new Object[components.length];
            for (int i = 0; i < values.length; i++) {
                components[i].getAccessor().setAccessible(true);
                values[i] = components[i].getAccessor().invoke(base);
            }
            for (int i = 0; i < values.length; i++) {
                for (Variant<Object> other :
                        others(components[i].getName(), components[i].getGenericType(), values[i])) {
                    Object[] now = values.clone();
                    now[i] = other.value();
                    made(base, components, now).ifPresent(m -> all.add(new Variant<>(other.name(), m)));
                }
            }
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
        return all;
    }

    @SuppressWarnings("unchecked")
    private static <R extends Record> Optional<R> made(R base, RecordComponent[] components, Object[] values)
            throws ReflectiveOperationException {
        Constructor<?> c = base.getClass()
                .getDeclaredConstructor(
                        Arrays.stream(components).map(RecordComponent::getType).toArray(Class[]::new));
        c.setAccessible(true);
        try {
            R made = (R) c.newInstance(values);
            return made.equals(base) ? Optional.empty() : Optional.of(made);
        } catch (InvocationTargetException e) {
            return Optional.empty();
        }
    }

    private List<Variant<Object>> others(String name, Type type, Object value) throws ReflectiveOperationException {
        List<Variant<Object>> all = new ArrayList<>();
        if (type instanceof ParameterizedType p && p.getRawType() == Optional.class) {
            Optional<?> held = (Optional<?>) value;
            if (held.isPresent()) {
                all.add(new Variant<>(name + " empty", Optional.empty()));
            }
            Type in = p.getActualTypeArguments()[0];
            for (Variant<Object> o : held.isPresent() ? others(name, in, held.get()) : fresh(name, in)) {
                all.add(new Variant<>(o.name(), Optional.of(o.value())));
            }
        } else if (type instanceof ParameterizedType p && p.getRawType() == Set.class) {
            all.add(new Variant<>(name + " empty", Set.of()));
            fresh(name, p.getActualTypeArguments()[0])
                    .forEach(o -> all.add(new Variant<>(o.name(), Set.of(o.value()))));
        } else if (value instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                List<Object> fewer = new ArrayList<>(list);
                fewer.remove(i);
                all.add(new Variant<>(name + " without " + i, fewer));
                if (list.get(i) instanceof Record r) {
                    for (Variant<Record> other : changed(r)) {
                        List<Object> one = new ArrayList<>(list);
                        one.set(i, other.value());
                        all.add(new Variant<>(name + " " + i + " " + other.name(), one));
                    }
                }
            }
        } else if (value instanceof Double d) {
            for (double t : TIMES) {
                double now = d == 0 ? t : d * t;
                all.add(new Variant<>(name(name, now), now));
            }
        } else if (value instanceof Integer n) {
            all.add(new Variant<>(name(name, n - 1), n - 1));
            all.add(new Variant<>(name(name, n + 1), n + 1));
        } else if (value instanceof Record r) {
            changed(r).forEach(o -> all.add(new Variant<>(name + " " + o.name(), o.value())));
        } else {
            all.addAll(fresh(name, type));
        }
        return all;
    }

    /** What a component may hold of which no value tells. */
    private List<Variant<Object>> fresh(String name, Type type) throws ReflectiveOperationException {
        List<Object> all = new ArrayList<>();
        if (type == String.class) {
            all.addAll(words.getOrDefault(name, List.of()));
        } else if (type == boolean.class || type == Boolean.class) {
            all.addAll(List.of(true, false));
        } else if (type instanceof Class<?> c && c.isEnum()) {
            all.addAll(List.of(c.getEnumConstants()));
        } else if (type instanceof Class<?> c
                && c.isRecord()
                && c.getRecordComponents().length == 1
                && c.getRecordComponents()[0].getType() == double.class) {
            Constructor<?> made = c.getDeclaredConstructor(double.class);
            made.setAccessible(true);
            all.add(made.newInstance(FRESH));
        }
        return all.stream().map(o -> new Variant<>(name(name, o), o)).toList();
    }
}
