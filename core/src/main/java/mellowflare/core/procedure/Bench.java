package mellowflare.core.procedure;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mellowflare.core.advice.Figure;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;

/**
 * The rules of ticking: steps in their order, figures written down where asked, and no cut before its figure was read back.
 *
 * @param steps the steps of the line, in order
 * @param log what has been done
 * @param figure the length as called and written, for the cut
 * @param cut the figure the cut follows
 * @param units the job's system, for figures typed without unit
 */
public record Bench(
        List<Step> steps, MakeLog log, Optional<CalledFigure> figure, Optional<Length> cut, UnitSystem units) {
    public Bench {
        steps = List.copyOf(steps);
    }

    /** The first step without an entry: where it was left. */
    public Optional<Step> next() {
        return steps.stream().filter(s -> log.entry(s.id()).isEmpty()).findFirst();
    }

    /** How many steps have an entry. */
    public int doneCount() {
        return (int) steps.stream().filter(s -> log.entry(s.id()).isPresent()).count();
    }

    /** What still stands in the way of the cut; empty when it may be made. */
    public List<String> cutStillNeeds() {
        List<String> needs = new ArrayList<>(figureStillNeeds());
        if (!readBackHolds()) {
            needs.add(Say.it("bench.cut-figure-read-back"));
        }
        return needs;
    }

    /** What the figure behind the cut still lacks before it can be read back. */
    public List<String> figureStillNeeds() {
        if (figure.isEmpty() || cut.isEmpty()) {
            return List.of(Say.it("bench.measured-length-all-worked"));
        }
        List<String> needs = new ArrayList<>();
        CalledFigure f = figure.get();
        if (f.calledBy().isEmpty()) {
            needs.add(Say.it("bench.who-measured-length"));
        }
        if (f.writtenBy().isEmpty()) {
            needs.add(Say.it("bench.who-wrote-down"));
        }
        if (f.secondAgrees().isEmpty()) {
            needs.add(Say.it("bench.second-reading"));
        } else if (!f.secondAgrees().get()) {
            needs.add(Say.it("bench.two-readings-that-agree", "agreement", LengthFormat.figure(f.agreement(), units)));
        }
        return needs;
    }

    /** Whether the figure that was read back is still the figure of the plan. */
    public boolean readBackHolds() {
        return cut.isPresent()
                && log.readBack()
                        .filter(r -> r.figure().distanceTo(cut.get()).mm() < 0.05)
                        .isPresent();
    }

    /** Reads the cut figure back; refused while the readings behind it are missing or disagree. */
    public Read<MakeLog> readBack(String by, Instant at) {
        if (by.isBlank()) {
            return Read.refuse(Refusal.EMPTY, Say.it("bench.say-who-hears-figure"));
        }
        List<String> needs = figureStillNeeds();
        if (!needs.isEmpty()) {
            return Read.refuse(
                    Refusal.EMPTY, Say.it("bench.before-figure-read-back", "missing", String.join(", ", needs)));
        }
        return Read.of(log.withReadBack(new ReadBack(cut.orElseThrow(), by.strip(), at)));
    }

    /**
     * Ticks a step.
     *
     * @param stepId must be the next one
     * @param by who did it
     * @param at when
     * @param figures typed figures by field id
     */
    public Read<MakeLog> tick(String stepId, String by, Instant at, Map<String, String> figures) {
        Optional<Step> due = next();
        if (due.isEmpty()) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("bench.every-step-ticked-already"));
        }
        Step step = due.get();
        if (!step.id().equals(stepId)) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("bench.comes-first-tick-or", "step", step.title()));
        }
        if (by.isBlank()) {
            return Read.refuse(Refusal.EMPTY, Say.it("bench.say-who-at-bench"));
        }
        if (step.gate() == Step.Gate.CUT_FIGURE && !cutStillNeeds().isEmpty()) {
            return Read.refuse(
                    Refusal.EMPTY, Say.it("bench.hold-cut-still-needs", "missing", String.join(", ", cutStillNeeds())));
        }
        Map<String, String> kept = new TreeMap<>();
        for (RecordField field : step.records()) {
            String typed = figures.getOrDefault(field.id(), "");
            Optional<String> refused = refusal(field, typed);
            if (refused.isPresent()) {
                return Read.refuse(Refusal.OUT_OF_RANGE, refused.get());
            }
            kept.put(field.id(), withUnit(field, typed));
        }
        return Read.of(log.with(new StepEntry(stepId, StepEntry.Outcome.DONE, by.strip(), at, kept, "")));
    }

    /** Passes a step over, with a reason that stays in the record. */
    public Read<MakeLog> passOver(String stepId, String by, Instant at, String reason) {
        if (reason.isBlank()) {
            return Read.refuse(Refusal.EMPTY, Say.it("bench.a-step-passed-over"));
        }
        if (by.isBlank()) {
            return Read.refuse(Refusal.EMPTY, Say.it("bench.say-who-at-bench-2"));
        }
        if (next().filter(s -> s.id().equals(stepId)).isEmpty()) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("bench.only-step-that-due"));
        }
        if (next().orElseThrow().gate() == Step.Gate.CUT_FIGURE) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("bench.the-cut-cannot-be"));
        }
        return Read.of(log.with(
                new StepEntry(stepId, StepEntry.Outcome.PASSED_OVER, by.strip(), at, Map.of(), reason.strip())));
    }

    private Optional<String> refusal(RecordField field, String typed) {
        if (typed.isBlank()) {
            return Optional.of(Say.it("bench.write-down-before-ticking", "label", field.label()));
        }
        if (field.lengthBand().isPresent()) {
            Read<Length> read = LengthText.read(typed, units);
            LengthBand band = field.lengthBand().get();
            return read.refusal()
                    .or(() -> read.value()
                            .filter(l -> !band.holds(l))
                            .map(l -> Say.it(
                                    "bench.outside-for-measure-again",
                                    "l",
                                    LengthFormat.figure(l, units),
                                    "low",
                                    LengthFormat.figure(band.low(), units),
                                    "high",
                                    LengthFormat.figure(band.high(), units),
                                    "label",
                                    field.label())));
        }
        Read<GaugePressure> read = QuantityText.pressure(typed, bareUnit());
        GaugePressure least = field.atLeast().orElseThrow();
        return read.refusal()
                .or(() -> read.value()
                        .filter(p -> p.compareTo(least) < 0)
                        .map(p -> Say.it(
                                "bench.the-must-reach",
                                "label",
                                field.label(),
                                "least",
                                Figure.of(least).text(units))));
    }

    private Optional<String> bareUnit() {
        return Optional.of(units == UnitSystem.METRIC ? "bar" : "psi");
    }

    /** The text as typed, with the unit it was understood in, so that the record reads alone. */
    private String withUnit(RecordField field, String typed) {
        if (field.lengthBand().isPresent()) {
            return LengthText.readWithUnit(typed).value().isPresent()
                    ? typed.strip()
                    : typed.strip() + (units == UnitSystem.METRIC ? " mm" : " in");
        }
        return QuantityText.pressure(typed, Optional.empty()).value().isPresent()
                ? typed.strip()
                : typed.strip() + " " + bareUnit().orElseThrow();
    }
}
