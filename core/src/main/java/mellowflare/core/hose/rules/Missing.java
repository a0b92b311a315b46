package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;

/** Says in one wording what a check still lacks. */
final class Missing {
    private Missing() {}

    static String[] of(HoseCase c, boolean parts, boolean working) {
        List<String> missing = new ArrayList<>();
        if (parts) {
            missing.addAll(List.of(parts(c)));
        }
        if (working) {
            missing.add("working pressure");
        }
        return missing.toArray(String[]::new);
    }

    static String[] parts(HoseCase c) {
        List<String> missing = new ArrayList<>();
        if (c.hose().isEmpty()) {
            missing.add("hose");
        }
        missing.addAll(endsMissing(c));
        c.sides().stream()
                .filter(s -> s.part().filter(p -> p.rating().isEmpty()).isPresent())
                .forEach(s -> missing.add("rating of hose end " + s.which()));
        return missing.toArray(String[]::new);
    }

    static String[] ends(HoseCase c) {
        return endsMissing(c).toArray(String[]::new);
    }

    static String[] hoseAndEnd(HoseCase c, Side s) {
        List<String> missing = new ArrayList<>();
        if (c.hose().isEmpty()) {
            missing.add("hose");
        }
        if (s.part().isEmpty()) {
            missing.add("hose end " + s.which());
        }
        return missing.toArray(String[]::new);
    }

    private static List<String> endsMissing(HoseCase c) {
        return c.sides().stream()
                .filter(s -> s.part().isEmpty())
                .map(s -> "hose end " + s.which())
                .toList();
    }
}
