package mellowflare.core.hose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.line.Setting;
import mellowflare.core.parts.AdapterAsk;
import mellowflare.core.parts.AdapterFinder;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HoseKind;
import mellowflare.core.parts.HoseKinds;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.ReferenceData;

/** What can be built now for a line from what lies on the shelf: every hose with every pair of ends that nothing stops. */
public final class FromShelf {
    /** Ends looked at on each side, straight before elbows. */
    private static final int ENDS = 4;

    private static final int SHOWN = 8;
    private final HoseLine line;
    private final Setting setting;
    private final ReferenceData data;
    private final BooleanSupplier cancelled;

    /**
     * @param line the line whose lengths count; its parts do not
     * @param setting its ports and service, and what else the job says
     * @param cancelled asked now and then; once true what was found so far is given
     */
    public FromShelf(HoseLine line, Setting setting, BooleanSupplier cancelled) {
        this.line = line;
        this.setting = setting.unmade();
        this.data = setting.data();
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
                for (HoseEndPick a : ends(LineEnd.A, hose)) {
                    for (HoseEndPick b : ends(LineEnd.B, hose)) {
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
                        || !HosePlan.of(HoseCase.of(b.line(), setting)).stops())
                .limit(SHOWN)
                .toList();
    }

    private boolean suits(HoseKind kind) {
        return setting.fluid()
                .map(f -> data.get(HoseKinds.KEY).of(kind).groups().contains(f.group()))
                .orElse(true);
    }

    /** The side with each end on the shelf that goes on its port, or by way of an adapter on the shelf where none does. */
    private List<HoseEndPick> ends(LineEnd side, HosePart hose) {
        Optional<End> port = setting.port(side);
        if (port.isEmpty()) {
            return List.of();
        }
        Catalogue catalogue = data.get(Catalogue.KEY);
        List<HoseEndPick> direct =
                shelf(catalogue.endsFor(port.get(), Optional.of(hose), data.get(EndTable.KEY))).stream()
                        .map(e -> HoseEndPick.of(e.part()))
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
                                .map(e -> new HoseEndPick(
                                        Optional.of(e.part()),
                                        found.chain().links().stream()
                                                .map(l -> l.part().part())
                                                .toList())))
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

    private Optional<Build> build(HosePart hose, HoseEndPick a, HoseEndPick b) {
        HoseLine built =
                line.withHose(Optional.of(hose.part())).withEnd(LineEnd.A, a).withEnd(LineEnd.B, b);
        HosePlan plan = HosePlan.of(HoseCase.of(built.withRoute(Optional.empty()), setting));
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
