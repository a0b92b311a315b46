package mellowflare.core.advice;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;
import mellowflare.core.measure.UnitSystem;

/**
 * What came of one rule on one subject: data that window, command line, sheet and JSON render alike.
 *
 * @param rule the rule's texts and severity
 * @param state pass, fail or not checked
 * @param about which part of the line
 * @param figures the actual values, by the names used in the rule's sentences
 * @param missing what must be told before it can be checked; empty unless not checked
 */
public record Finding(RuleText rule, State state, Subject about, Map<String, Figure> figures, List<Need> missing) {

    public Finding {
        Objects.requireNonNull(rule);
        Objects.requireNonNull(about);
        figures = Map.copyOf(figures);
        missing = List.copyOf(missing);
        if ((state == State.NOT_CHECKED) != !missing.isEmpty()) {
            throw new IllegalArgumentException("Exactly a finding that was not checked names what is missing");
        }
    }

    public static Finding pass(RuleText rule, Subject about, Map<String, Figure> figures) {
        return new Finding(rule, State.PASS, about, figures, List.of());
    }

    public static Finding fail(RuleText rule, Subject about, Map<String, Figure> figures) {
        return new Finding(rule, State.FAIL, about, figures, List.of());
    }

    public static Finding of(boolean holds, RuleText rule, Subject about, Map<String, Figure> figures) {
        return holds ? pass(rule, about, figures) : fail(rule, about, figures);
    }

    public static Finding notChecked(RuleText rule, Subject about, Need... missing) {
        return new Finding(rule, State.NOT_CHECKED, about, Map.of(), List.of(missing));
    }

    public Severity severity() {
        return rule.severity();
    }

    public boolean stops() {
        return state == State.FAIL && severity() == Severity.STOP;
    }

    /** The worst that failed about each part of the line: stops and warnings, which are marked on drawings. */
    public static Map<Subject, Severity> marks(List<Finding> findings) {
        Map<Subject, Severity> worst = new EnumMap<>(Subject.class);
        findings.stream()
                .filter(f -> f.state() == State.FAIL && f.severity() != Severity.NOTE)
                .forEach(f -> worst.merge(f.about(), f.severity(), (x, y) -> x.compareTo(y) < 0 ? x : y));
        return Collections.unmodifiableMap(worst);
    }

    /** The plain sentence. */
    public String says(UnitSystem system) {
        return switch (state) {
            case PASS -> Wording.sentence(rule.passes(), figures, system);
            case FAIL -> Wording.sentence(rule.fails(), figures, system);
            case NOT_CHECKED -> asks();
        };
    }

    /** Figure and source the sentence rests on; for an unchecked rule only the source. */
    public String because(UnitSystem system) {
        String figure = state == State.NOT_CHECKED ? "" : Wording.fill(rule.because(), figures, system);
        return figure.isEmpty()
                ? rule.source().shown()
                : Say.it(
                        "finding.because",
                        "figure",
                        figure,
                        "source",
                        rule.source().text());
    }

    /** What to do; empty unless it failed. */
    public String remedy(UnitSystem system) {
        return switch (state) {
            case PASS, NOT_CHECKED -> "";
            case FAIL -> Wording.fill(rule.remedy(), figures, system);
        };
    }

    /** What is asked for before it can be checked, each in its sentence; empty unless not checked. */
    public String asks() {
        return missing.stream().map(Need::asks).collect(Collectors.joining(" "));
    }

    /** Worst first: failed stops, warnings, notes, then unchecked, then passed. */
    public int rank() {
        return switch (state) {
            case FAIL -> severity().ordinal();
            case NOT_CHECKED -> 10 + severity().ordinal();
            case PASS -> 20 + severity().ordinal();
        };
    }

    /** The figures in a steady order. */
    public Map<String, Figure> sortedFigures() {
        return new TreeMap<>(figures);
    }
}
