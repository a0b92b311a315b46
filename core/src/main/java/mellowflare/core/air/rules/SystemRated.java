package mellowflare.core.air.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.material.SolderedJoints;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.run.stock.PipeSize;

/** Pressure and warmth against what the system withstands. */
final class SystemRated implements Rule<AirCase> {
    private static final RuleText PRESSURE = new RuleText(
            "air.pressure",
            Severity.STOP,
            "{system} is too weak: rated to {most}, and the compressor can put {out} on it.",
            "{system} is rated to {most}; the compressor can put at most {out} on it.",
            "{most} against {out} ({limit})",
            "Lower the relief valve and compressor settings, or use another pipe.",
            new Source("pressure of the weakest size of each system", Confidence.TYPICAL));

    private static final Map<Severity, RuleText> WARMTH = RuleText.bySeverity(
            "air.warmth",
            "The air is too hot for {system}: it leaves the compressor at about {air}, and the pipe is rated to {warmest}.",
            "The air leaves the compressor at about {air}; {system} is rated to {warmest}.",
            "{air} against {warmest}",
            "Put a few metres of metal pipe or an after-cooler between compressor and main.",
            new Source("warmth of each system", Confidence.TYPICAL));

    private static final RuleText SOLDER = new RuleText(
            "air.solder",
            Severity.WARN,
            "Soft-soldered joints of {size} are too weak: rated to {rated} at {air}, and the compressor can put {out} on them.",
            "Soft-soldered joints of {size} are rated to {rated} at {air}; the compressor can put at most {out} on them.",
            "{rated} at {air}",
            "Braze the joints, or cool the air before the main.",
            new Source("EN 1254-1, soft-soldered joints", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.system().isEmpty() || c.feeds().isEmpty()) {
            Need missing = c.system().isEmpty() ? AirNeeds.SYSTEM : AirNeeds.COMPRESSOR;
            return List.of(
                    Finding.notChecked(PRESSURE, Subject.MAIN, missing),
                    Finding.notChecked(WARMTH.get(Severity.STOP), Subject.MAIN, missing));
        }
        PipeSystem s = c.system().get();
        Compressor strongest = c.feeds().values().stream()
                .max(Comparator.comparing(Compressor::highest))
                .orElseThrow();
        GaugePressure out = strongest.highest();
        double above = c.feeds().values().stream()
                .mapToDouble(Compressor::aboveRoom)
                .max()
                .orElseThrow();
        Temperature air = Temperature.ofCelsius(c.main().shop().air().celsius() + above);
        if (!s.rated()) {
            return List.of();
        }
        List<Finding> all = new ArrayList<>(solder(c, s, out, air));
        all.addAll(List.of(
                Finding.of(
                        out.compareTo(s.most()) <= 0,
                        PRESSURE,
                        Subject.MAIN,
                        Map.of(
                                "system", Figure.of(s.name()),
                                "most", Figure.of(s.most()),
                                "out", Figure.of(out),
                                "limit",
                                        Figure.of(
                                                strongest.relief().isPresent()
                                                        ? Say.it("system-rated.relief-valve-opens")
                                                        : Say.it("system-rated.pressure-switch-stops-setting")))),
                Finding.of(
                        air.compareTo(s.warmest()) <= 0,
                        // Plastic that is too warm bursts; metal and rubber lose life.
                        WARMTH.get(s.plastic() ? Severity.STOP : Severity.WARN),
                        Subject.MAIN,
                        Map.of(
                                "system",
                                Figure.of(s.name()),
                                "air",
                                Figure.of(air),
                                "warmest",
                                Figure.of(s.warmest())))));
        return List.copyOf(all);
    }

    private static List<Finding> solder(AirCase c, PipeSystem s, GaugePressure out, Temperature air) {
        Optional<PipeSize> widest =
                c.sized().stream().flatMap(z -> z.size().stream()).max(Comparator.comparing(PipeSize::outside));
        if (s.joint() != PipeSystem.Joint.SOLDER || widest.isEmpty()) {
            return List.of();
        }
        Optional<GaugePressure> rated =
                c.data().get(SolderedJoints.KEY).rated(widest.get().outside(), air);
        return List.of(Finding.of(
                rated.filter(b -> b.compareTo(out) >= 0).isPresent(),
                SOLDER,
                Subject.MAIN,
                Map.of(
                        "size", Figure.of(widest.get().outside()),
                        "rated", rated.map(Figure::of).orElse(Figure.of(Say.it("system-rated.no-pressure-that-table"))),
                        "air", Figure.of(air),
                        "out", Figure.of(out))));
    }
}
