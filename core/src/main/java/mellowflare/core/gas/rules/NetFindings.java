package mellowflare.core.gas.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.layout.Marking;
import mellowflare.core.gas.net.GasTrouble;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** The same judgement for a network that is given as pipes and places, and for one pipe. */
public final class NetFindings {
    private static final RuleText SIZE = new RuleText(
            "gas.one-size",
            Severity.STOP,
            "No size of {material} is wide enough: {bore} is needed in the bore.",
            "{material} {size} is wide enough: {bore} is needed in the bore.",
            "NFPA 54 sizing equation",
            "Take a kind of pipe with larger sizes, allow more drop, or split the load.",
            new Source("NFPA 54 chapter 6", Confidence.SURE));

    private static final RuleText CARRIES = new RuleText(
            "gas.one-capacity",
            Severity.STOP,
            "The pipe carries {capacity}; {flow} is asked.",
            "The pipe carries {capacity}; {flow} is asked.",
            "NFPA 54 sizing equation",
            "Take a larger size, or shorten the line.",
            new Source("NFPA 54 chapter 6", Confidence.SURE));

    private NetFindings() {}

    /**
     * An appliance of such a network.
     *
     * @param pressure that it gets; empty where no gas reaches it
     * @param stage what its regulator or source holds
     */
    public record Inlet(
            String name,
            Marking marking,
            Optional<GaugePressure> pressure,
            Optional<GaugePressure> least,
            GaugePressure stage) {
        /** Whether it gets less than it needs. */
        public boolean shortOf() {
            return pressure.isPresent()
                    && least.filter(l -> pressure.get().compareTo(l) < 0).isPresent();
        }
    }

    /**
     * What a pipe may carry by a method of the code.
     *
     * @param most empty where no drop is allowed yet
     */
    public record Carried(String pipe, GasFlow flow, Optional<GasFlow> most) {}

    /** Every finding on a network, worst first. */
    public static List<Finding> of(
            List<GasTrouble> troubles,
            List<Inlet> inlets,
            List<Carried> carried,
            Optional<PressureDifference> allowed,
            Power load) {
        List<Finding> all = new ArrayList<>();
        if (troubles.isEmpty()) {
            all.add(Finding.pass(GasArrives.TEXT, Subject.GAS_LAYOUT, Map.of()));
        }
        troubles.forEach(t -> all.add(Finding.fail(
                GasArrives.TEXT,
                Subject.GAS_LAYOUT,
                Map.of("piece", Figure.of(t.piece()), "says", Figure.of(t.kind().says())))));
        for (Inlet i : inlets) {
            one(i, allowed, load, all);
        }
        for (Carried c : carried) {
            c.most()
                    .filter(m -> c.flow.compareTo(m) > 0)
                    .ifPresent(m -> all.add(Finding.fail(
                            DropAllowed.CAPACITY,
                            Subject.SIZES,
                            Map.of(
                                    "pipe", Figure.of(c.pipe),
                                    "flow", Figure.of(c.flow),
                                    "most", Figure.of(m)))));
        }
        all.sort(Comparator.comparingInt(Finding::rank));
        return all;
    }

    private static void one(Inlet i, Optional<PressureDifference> allowed, Power load, List<Finding> all) {
        all.add(Finding.of(
                i.marking != Marking.UNKNOWN,
                StageFits.KNOWN,
                Subject.INLETS,
                Map.of(
                        "appliance", Figure.of(i.name),
                        "marking", Figure.of(i.marking.word()))));
        if (i.marking == Marking.OWN_REGULATOR && i.least.isEmpty()) {
            all.add(Finding.of(
                    i.stage.compareTo(StageFits.LOW) > 0,
                    StageFits.OWN,
                    Subject.INLETS,
                    Map.of("appliance", Figure.of(i.name), "stage", new Figure.OfGasPressure(i.stage))));
        }
        if (i.pressure.isEmpty()) {
            return;
        }
        GaugePressure gets = i.pressure.get();
        all.add(
                i.least.isEmpty()
                        ? Finding.notChecked(PressureAtInlets.LEAST, Subject.INLETS, GasNeeds.least(i.name))
                        : Finding.of(
                                !i.shortOf(),
                                PressureAtInlets.LEAST,
                                Subject.INLETS,
                                Map.of(
                                        "appliance",
                                        Figure.of(i.name),
                                        "pressure",
                                        new Figure.OfGasPressure(gets),
                                        "least",
                                        new Figure.OfGasPressure(i.least.get()),
                                        "load",
                                        Figure.of(load))));
        allowed.ifPresent(a -> all.add(Finding.of(
                i.stage.minus(gets).compareTo(a) <= 0,
                DropAllowed.DROP,
                Subject.SIZES,
                Map.of(
                        "appliance",
                        Figure.of(i.name),
                        "drop",
                        new Figure.OfGasDrop(i.stage.minus(gets)),
                        "allowed",
                        new Figure.OfGasDrop(a),
                        "load",
                        Figure.of(load)))));
    }

    /**
     * Whether a kind of pipe has a size that is wide enough.
     *
     * @param size the smallest that is; empty where none is
     */
    public static Finding size(String material, Optional<String> size, Length bore) {
        return Finding.of(
                size.isPresent(),
                SIZE,
                Subject.SIZES,
                Map.of(
                        "material", Figure.of(material),
                        "size", Figure.of(size.orElse("")),
                        "bore", Figure.of(bore)));
    }

    /** Whether one pipe carries what is asked. */
    public static Finding carries(GasFlow flow, GasFlow capacity) {
        return Finding.of(
                flow.compareTo(capacity) <= 0,
                CARRIES,
                Subject.SIZES,
                Map.of("flow", Figure.of(flow), "capacity", Figure.of(capacity)));
    }
}
