package mellowflare.core.hose.line;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Normal;
import mellowflare.core.parts.HoseEndPart;

/**
 * The chance that a hose made to plan is within its tolerance, and what contributes most. First order: independent normal scatters add as squares; the
 * rounding of the cut is known and shifts the middle.
 *
 * @param causes what scatters, the largest first
 * @param shift rounding of the cut, known beforehand
 * @param tolerance allowed either way
 * @param chance that the finished hose lies within it, 0 to 1
 */
public record ToleranceBudget(List<Cause> causes, Length shift, Length tolerance, double chance) {
    public ToleranceBudget {
        causes = List.copyOf(causes);
    }

    /**
     * One thing that scatters.
     *
     * @param what in words
     * @param deviation one standard deviation
     * @param share of the whole variance, 0 to 1
     * @param better what would make it smaller; may be empty
     */
    public record Cause(String what, Length deviation, double share, String better) {}

    private record Raw(String what, double mm, String better) {}

    /** The budget of a line; empty until its cut is known or when it is bought whole. */
    public static Optional<ToleranceBudget> of(HoseCase c) {
        Optional<CutLength> cut = c.cut().filter(CutLength::possible);
        if (cut.isEmpty() || c.finished().isEmpty() || c.whole()) {
            return Optional.empty();
        }
        List<Raw> raw = new ArrayList<>();
        Scatter scatter = c.data().get(Scatter.KEY);
        Methods methods = c.data().get(Methods.KEY);
        CalledFigure f = c.finished().get();
        boolean agreed = f.secondAgrees().orElse(false);
        double reading = f.instrument().scatter().mm() * (agreed ? Math.sqrt(0.5) : 1);
        raw.add(new Raw(
                Say.it(
                        "tolerance-budget.reading-with",
                        "instrument",
                        f.instrument().word(),
                        "times",
                        agreed ? 2 : 1),
                reading,
                agreed ? "" : Say.it("tolerance-budget.take-second-reading")));
        String found = methods.chosen(MethodTopic.HOSE_LENGTH, c.practice()).id();
        raw.add(new Raw(
                Say.it(
                        "tolerance-budget.how-length-was-found",
                        "found",
                        methods.chosen(MethodTopic.HOSE_LENGTH, c.practice()).name()),
                scatter.of("found", found).mm(),
                found.equals("old-hose")
                        ? Say.it("tolerance-budget.measure-route-instead")
                        : Say.it("tolerance-budget.measure-points-again")));
        String cutting = Cutting.way(c).orElse("hacksaw");
        raw.add(new Raw(
                Say.it("tolerance-budget.cutting", "cutting", cutting),
                scatter.of("cutting", cutting).mm(),
                Say.it("tolerance-budget.squarer-way-cutting")));
        for (Side side : c.sides()) {
            side.part()
                    .flatMap(HoseEndPart::attach)
                    .ifPresent(a -> raw.add(new Raw(
                            Say.it("tolerance-budget.making-up-end", "which", side.which()),
                            scatter.of(
                                            "make-up",
                                            a.name()
                                                    .toLowerCase(java.util.Locale.ROOT)
                                                    .replace('_', '-'))
                                    .mm(),
                            Say.it("tolerance-budget.watch-insertion-mark"))));
        }
        double variance = raw.stream().mapToDouble(r -> r.mm() * r.mm()).sum();
        double sd = Math.sqrt(variance);
        Length shift = cut.get().roundingError(c.units());
        double tol = cut.get().tolerance().mm();
        double chance = Normal.below((tol - shift.mm()) / sd) - Normal.below((-tol - shift.mm()) / sd);
        List<Cause> causes = raw.stream()
                .filter(r -> r.mm() > 0)
                .map(r -> new Cause(r.what(), Length.ofMm(r.mm()), r.mm() * r.mm() / variance, r.better()))
                .sorted(Comparator.comparingDouble(Cause::share).reversed())
                .toList();
        return Optional.of(new ToleranceBudget(causes, shift, cut.get().tolerance(), chance));
    }

    /** One standard deviation of the finished length. */
    public Length deviation() {
        return Length.ofMm(Math.sqrt(causes.stream()
                .mapToDouble(x -> x.deviation().mm() * x.deviation().mm())
                .sum()));
    }

    /** The largest cause, in words. */
    public String largest() {
        Cause first = causes.get(0);
        return Say.it(
                "tolerance-budget.share",
                "what",
                first.what(),
                "percent",
                LengthFormat.decimal(first.share() * 100, 0, 0));
    }
}
