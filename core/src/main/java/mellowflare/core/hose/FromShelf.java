package mellowflare.core.hose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.State;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Which;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.AdapterAsk;
import mellowflare.core.parts.AdapterFinder;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HoseKind;
import mellowflare.core.parts.HoseKinds;
import mellowflare.core.parts.HosePart;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.reference.ReferenceData;

/** What can be built now for a line from what lies on the shelf: every hose with every pair of ends that nothing stops. */
public final class FromShelf {
    /** Ends looked at on each side, straight before elbows. */
    private static final int ENDS = 4;

    private static final int SHOWN = 8;
    private final HoseLine line;
    private final Practice practice;
    private final UnitSystem units;
    private final ReferenceData data;
    private final BooleanSupplier cancelled;

    /**
     * @param line the line whose ports, service and length count; its parts do not
     * @param practice schools
     * @param units the job's system
     * @param data the tables
     * @param cancelled asked now and then; once true what was found so far is given
     */
    public FromShelf(
            HoseLine line, Practice practice, UnitSystem units, ReferenceData data, BooleanSupplier cancelled) {
        this.line = line;
        this.practice = practice;
        this.units = units;
        this.data = data;
        this.cancelled = cancelled;
    }

    /**
     * One line that can be built.
     *
     * @param line with its parts
     * @param hose the hose
     * @param a end A
     * @param b end B
     * @param adapters part numbers of all adapters
     * @param warnings how many checks warn
     * @param cost of all parts, in the catalogue's money
     */
    public record Build(
            HoseLine line,
            HosePart hose,
            HoseEndPart a,
            HoseEndPart b,
            List<String> adapters,
            int warnings,
            double cost) {
        public Build {
            adapters = List.copyOf(adapters);
        }
    }

    /** The builds, those without warnings first, then the cheapest. */
    public List<Build> find() {
        List<Build> builds = new ArrayList<>();
        Catalogue catalogue = data.get(Catalogue.KEY);
        for (HosePart hose : catalogue.hoses()) {
            if (hose.onShelf() > 0 && suits(hose.kind())) {
                for (LineEnd a : ends(line.a(), hose)) {
                    for (LineEnd b : ends(line.b(), hose)) {
                        if (cancelled.getAsBoolean()) {
                            return sorted(builds);
                        }
                        build(hose, a, b).ifPresent(builds::add);
                    }
                }
            }
        }
        return sorted(builds);
    }

    /** The way costs most to find, so that only the best are held against it, until enough of them bear it. */
    private List<Build> sorted(List<Build> builds) {
        return builds.stream()
                .sorted(Comparator.comparingInt(Build::warnings).thenComparingDouble(Build::cost))
                .limit(2L * SHOWN)
                .filter(b -> line.route().isEmpty()
                        || cancelled.getAsBoolean()
                        || !HosePlan.of(HoseCase.of(b.line(), practice, units, MakeLog.EMPTY, data))
                                .stops())
                .limit(SHOWN)
                .toList();
    }

    private boolean suits(HoseKind kind) {
        return line.service()
                .fluid()
                .flatMap(data.get(FluidTable.KEY)::find)
                .map(f -> data.get(HoseKinds.KEY).of(kind).groups().contains(f.group()))
                .orElse(true);
    }

    /** The side with each end on the shelf that goes on its port, or by way of an adapter on the shelf where none does. */
    private List<LineEnd> ends(LineEnd side, HosePart hose) {
        Optional<End> port = side.port().flatMap(data.get(EndTable.KEY)::find);
        if (port.isEmpty()) {
            return List.of();
        }
        Catalogue catalogue = data.get(Catalogue.KEY);
        LineEnd bare = side.withAdapters(List.of());
        List<LineEnd> direct = shelf(catalogue.endsFor(port.get(), Optional.of(hose), data.get(EndTable.KEY))).stream()
                .map(e -> bare.withHoseEnd(Optional.of(e.part())))
                .toList();
        if (!direct.isEmpty()) {
            return direct;
        }
        List<HoseEndPart> own = shelf(catalogue.hoseEnds().stream()
                .filter(e -> e.hoseDash().filter(hose.dash()::equals).isPresent()
                        && e.series().filter(hose.series()::equals).isPresent())
                .toList());
        List<End> offered = own.stream()
                .flatMap(e -> data.get(EndTable.KEY).find(e.end()).stream())
                .distinct()
                .toList();
        AdapterAsk ask = AdapterAsk.of(port.get(), port.get()).fromShelf();
        return new AdapterFinder(data)
                .toAny(ask, offered).stream()
                        .limit(1)
                        .flatMap(found -> own.stream()
                                .filter(e -> e.end().equals(found.end().id()))
                                .limit(1)
                                .map(e -> bare.withAdapters(found.chain().links().stream()
                                                .map(l -> l.part().part())
                                                .toList())
                                        .withHoseEnd(Optional.of(e.part()))))
                        .toList();
    }

    private static List<HoseEndPart> shelf(List<HoseEndPart> ends) {
        return ends.stream()
                .filter(e -> e.onShelf() > 0
                        || e.attach()
                                .filter(a -> a == mellowflare.core.parts.Attach.FACTORY)
                                .isPresent())
                .limit(ENDS)
                .toList();
    }

    private Optional<Build> build(HosePart hose, LineEnd a, LineEnd b) {
        HoseLine built =
                line.withHose(Optional.of(hose.part())).withEnd(Which.A, a).withEnd(Which.B, b);
        HosePlan plan =
                HosePlan.of(HoseCase.of(built.withRoute(Optional.empty()), practice, units, MakeLog.EMPTY, data));
        if (plan.stops() || !plan.missingParts().isEmpty()) {
            return Optional.empty();
        }
        long warnings = plan.findings().stream()
                .filter(f -> f.state() == State.FAIL)
                .filter(FromShelf::weighs)
                .count();
        List<String> adapters = new ArrayList<>(a.adapters());
        adapters.addAll(b.adapters());
        return Optional.of(new Build(
                built,
                hose,
                plan.c().a().part().orElseThrow(),
                plan.c().b().part().orElseThrow(),
                adapters,
                (int) warnings,
                plan.partsCost()));
    }

    private static boolean weighs(Finding f) {
        return f.severity() != mellowflare.core.advice.Severity.NOTE;
    }
}
