package mellowflare.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What each record takes and what it refuses, to the last digit: limits as they were when they were last looked through. */
class LimitsTest {
    private static final double FAR = 1e15;
    private static final int SEVERAL = 24;

    /** Limits that many records have: tried first, as every value that is refused costs an exception. */
    private static final double[] USUAL = {0, 1, -1.1, -273.15};

    private final RecordSamples samples = RecordSamples.shared();
    private final List<String> known = Stands.lines(LimitsTest.class, "limits.txt");

    /** The values of a number that a record takes, from a value that it takes: by halving, so that a gap between is not seen. */
    private static String limits(Function<Double, Boolean> takes, double sound) {
        return side(takes, sound, -FAR, ">") + side(takes, sound, FAR, "<");
    }

    private static String side(Function<Double, Boolean> takes, double sound, double far, String sign) {
        if (takes.apply(far)) {
            return "";
        }
        double in = sound;
        double out = far;
        for (double usual : USUAL) {
            double within = far > 0 ? Math.nextDown(usual) : Math.nextUp(usual);
            double beyond = far > 0 ? Math.nextUp(usual) : Math.nextDown(usual);
            if (takes.apply(within) && !takes.apply(beyond)) {
                boolean last = takes.apply(usual);
                in = last ? usual : within;
                out = last ? beyond : usual;
            }
        }
        double half = in / 2 + out / 2;
        while (half != in && half != out) {
            if (takes.apply(half)) {
                in = half;
            } else {
                out = half;
            }
            half = in / 2 + out / 2;
        }
        String last = Double.toString(in);
        String first = Double.toString(out);
        return first.length() < last.length() ? " " + sign + " " + first : " " + sign + "= " + last;
    }

    private static String whole(Function<Integer, Boolean> takes, int sound) {
        return whole(takes, sound, -1, ">=") + whole(takes, sound, 1, "<=");
    }

    private static String whole(Function<Integer, Boolean> takes, int sound, int sign, String word) {
        long far = Integer.MAX_VALUE;
        if (takes.apply((int) (sign * far))) {
            return "";
        }
        long in = sound;
        long out = sign * far;
        while (Math.abs(out - in) > 1) {
            long half = (in + out) / 2;
            if (takes.apply((int) half)) {
                in = half;
            } else {
                out = half;
            }
        }
        return " " + word + " " + in;
    }

    /** A number as a component holds it: plain, or of a unit. */
    private static Optional<Function<Double, Optional<Object>>> numbers(Type type) {
        if (type == double.class || type == Double.class) {
            return Optional.of(Optional::of);
        }
        if (type instanceof Class<?> c && c.isRecord() && c.getRecordComponents().length == 1) {
            return numbers(c.getRecordComponents()[0].getType())
                    .map(inner -> d -> inner.apply(d).flatMap(v -> RecordSamples.made(c, v)));
        }
        return Optional.empty();
    }

    private static double number(Object held) {
        if (held instanceof Double d) {
            return d;
        }
        return number(values(held)[0]);
    }

    private static Object[] values(Object record) {
        return Arrays.stream(record.getClass().getRecordComponents())
                .map(c -> {
                    try {
                        c.getAccessor().setAccessible(true);
                        return c.getAccessor().invoke(record);
                    } catch (ReflectiveOperationException e) {
                        throw new IllegalStateException(e);
                    }
                })
                .toArray();
    }

    private static boolean takes(Class<?> record, Object[] values, int at, Object value) {
        Object[] now = values.clone();
        now[at] = value;
        return RecordSamples.made(record, now).isPresent();
    }

    private List<String> limits(Object sample) {
        Class<?> record = sample.getClass();
        Object[] values = values(sample);
        RecordComponent[] components = record.getRecordComponents();
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < components.length; i++) {
            int at = i;
            Type type = components[i].getGenericType();
            boolean optional = type instanceof ParameterizedType p && p.getRawType() == Optional.class;
            Type inner = optional ? ((ParameterizedType) type).getActualTypeArguments()[0] : type;
            Function<Object, Object> wrapped = v -> optional ? Optional.of(v) : v;
            Function<Object, Boolean> takes = v -> takes(record, values, at, wrapped.apply(v));
            List<Object> plain = Stream.concat(
                            optional ? ((Optional<?>) values[i]).stream() : Stream.of(values[i]),
                            IntStream.range(0, SEVERAL)
                                    .mapToObj(n -> samples.plain(inner, n))
                                    .flatMap(Optional::stream))
                    .toList();
            StringBuilder said = new StringBuilder();
            if (optional && !takes(record, values, at, Optional.empty())) {
                said.append(" must be said");
            }
            Optional<Object> sound = plain.stream().filter(takes::apply).findFirst();
            if (plain.isEmpty()) {
                continue;
            }
            if (sound.isEmpty()) {
                said.append(" must be left out");
            } else if (sound.get() instanceof Integer n) {
                said.append(whole(v -> takes.apply(v), n));
            } else if (numbers(inner).isPresent()) {
                Function<Double, Optional<Object>> made = numbers(inner).get();
                String limits = limits(v -> made.apply(v).filter(takes::apply).isPresent(), number(sound.get()));
                said.append(limits);
                if (!limits.isEmpty()
                        && made.apply(Double.NaN).filter(takes::apply).isPresent()) {
                    said.append(" or none");
                }
            } else if (inner == String.class && !takes.apply(" ")) {
                said.append(takes.apply("") ? " not blank" : " not empty");
            } else if (inner instanceof Class<?> c && (c.isEnum() || c == boolean.class)) {
                List<Object> all = c.isEnum() ? List.of(c.getEnumConstants()) : List.of(true, false);
                all.stream()
                        .filter(v -> !takes.apply(v))
                        .forEach(v -> said.append(" not ").append(v));
            } else if (plain.stream().distinct().count() > 1
                    && plain.get(0) instanceof Collection<?> c
                    && !c.isEmpty()
                    && !takes.apply(plain.get(1))) {
                said.append(" not empty");
            }
            if (said.length() > 0) {
                lines.add(name(record) + " " + components[i].getName() + said);
            }
        }
        return lines;
    }

    private static String name(Class<?> record) {
        return record.getName().substring("mellowflare.core.".length());
    }

    private List<String> limitsOf(Class<?> record) {
        return samples.of(record).map(this::limits).orElse(List.of(name(record) + " not made"));
    }

    static List<Class<?>> records() {
        return RecordSamples.records();
    }

    @ParameterizedTest
    @MethodSource("records")
    void testARecordTakesAndRefusesWhatItDid(Class<?> record) {
        if (!Stands.takesOver()) {
            String name = name(record) + " ";
            assertThat(limitsOf(record))
                    .isEqualTo(known.stream().filter(l -> l.startsWith(name)).toList());
        }
    }

    @Test
    void testTheLimitsAreThoseThatWereLookedThrough() {
        if (Stands.takesOver()) {
            Stands.as(
                    LimitsTest.class,
                    "limits.txt",
                    records().stream().flatMap(r -> limitsOf(r).stream()).toList());
        }
        assertThat(Stands.lines(LimitsTest.class, "limits.txt")).hasSizeGreaterThan(100);
    }
}
