package mellowflare.core.hose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.hose.line.Side;
import mellowflare.core.line.Mending;
import mellowflare.core.parts.AdapterAsk;
import mellowflare.core.parts.AdapterFinder;
import mellowflare.core.parts.AdapterPart;
import mellowflare.core.parts.AdapterTable;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HoseKinds;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.ReferenceData;

/** What may be changed about a hose: another hose with ends of its series, another end on a port, an adapter between them. */
final class HoseMendings {
    /** Bores that far apart carry another flow. */
    private static final double NARROWEST = 0.6;

    private static final double WIDEST = 1.7;
    private static final int ADAPTED = 3;

    private final HoseCase c;
    private final Catalogue catalogue;
    private final List<Mending<HoseLine>> all = new ArrayList<>();

    private HoseMendings(HoseCase c) {
        this.c = c;
        this.catalogue = c.data().get(Catalogue.KEY);
    }

    static List<Mending<HoseLine>> of(HoseCase c) {
        HoseMendings m = new HoseMendings(c);
        c.hose().ifPresent(h -> {
            for (LineEnd which : LineEnd.values()) {
                m.ends(which, h);
            }
            m.hoses(h);
        });
        return m.all;
    }

    private void ends(LineEnd which, HosePart hose) {
        Optional<End> port = c.setting().port(which);
        if (port.isEmpty()) {
            return;
        }
        for (HoseEndPart e :
                catalogue.endsFor(port.get(), Optional.of(hose), c.data().get(EndTable.KEY))) {
            put(which, HoseEndPick.of(e.part()));
        }
        List<HoseEndPart> own = catalogue.hoseEnds().stream()
                .filter(e -> e.hoseDash().filter(hose.dash()::equals).isPresent()
                        && e.series().filter(hose.series()::equals).isPresent())
                .toList();
        List<End> offered = own.stream()
                .flatMap(e -> c.data().get(EndTable.KEY).find(e.end()).stream())
                .distinct()
                .toList();
        new AdapterFinder(c.data())
                .toAny(AdapterAsk.of(port.get(), port.get()), offered).stream()
                        .limit(ADAPTED)
                        .forEach(found -> own.stream()
                                .filter(e -> e.end().equals(found.end().id()))
                                .findFirst()
                                .ifPresent(e -> put(
                                        which,
                                        new HoseEndPick(
                                                Optional.of(e.part()),
                                                found.chain().links().stream()
                                                        .map(l -> l.part().part())
                                                        .toList()))));
    }

    private void put(LineEnd which, HoseEndPick pick) {
        if (!c.line().end(which).equals(pick)) {
            int more = pick.adapters().size() - c.line().end(which).adapters().size();
            all.add(new Mending<>(
                    said(which, pick, c.data()), 1 + Math.max(0, more), c.line().withEnd(which, pick)));
        }
    }

    /** What sits at an end, its adapters first. */
    private static String said(LineEnd which, HoseEndPick pick, ReferenceData data) {
        String end = pick.part()
                .flatMap(data.get(Catalogue.KEY)::hoseEnd)
                .map(HoseEndPart::name)
                .orElse("");
        return pick.adapters().isEmpty()
                ? Say.it("hose-mendings.end", "which", which, "end", end)
                : Say.it(
                        "hose-mendings.adapter",
                        "which",
                        which,
                        "adapter",
                        pick.adapters().stream()
                                .flatMap(a -> data.get(AdapterTable.KEY).find(a).stream())
                                .map(AdapterPart::name)
                                .collect(Collectors.joining(", ")),
                        "end",
                        end);
    }

    /** Each other hose made for the fluid, the nearest bore and then the cheapest first, with ends of its own series like those that are there. */
    private void hoses(HosePart now) {
        catalogue.hoses().stream()
                .filter(h -> !h.part().equals(now.part()) && suits(h, now))
                .sorted(Comparator.comparingDouble((HosePart h) ->
                                Math.abs(Math.log(h.bore().mm() / now.bore().mm())))
                        .thenComparingDouble(HosePart::price))
                .forEach(h -> {
                    HoseLine line = c.line().withHose(Optional.of(h.part()));
                    List<String> ends = new ArrayList<>();
                    for (Side s : c.sides()) {
                        Optional<HoseEndPick> end = alike(s, h);
                        if (end.isPresent()) {
                            line = line.withEnd(s.which(), end.get());
                            ends.add(said(s.which(), end.get(), c.data()));
                        }
                    }
                    all.add(new Mending<>(said(h, ends), 1 + ends.size(), line));
                });
    }

    /** The hose, and every end that is changed along with it. */
    private static String said(HosePart h, List<String> ends) {
        return switch (ends.size()) {
            case 0 -> Say.it("hose-mendings.hose", "hose", h.title(), "part", h.part());
            case 1 -> Say.it("hose-mendings.hose-one", "hose", h.title(), "part", h.part(), "end", ends.get(0));
            default ->
                Say.it(
                        "hose-mendings.hose-both",
                        "hose",
                        h.title(),
                        "part",
                        h.part(),
                        "a",
                        ends.get(0),
                        "b",
                        ends.get(1));
        };
    }

    private boolean suits(HosePart h, HosePart now) {
        double ratio = h.bore().mm() / now.bore().mm();
        return ratio >= NARROWEST
                && ratio <= WIDEST
                && c.setting()
                        .fluid()
                        .map(f -> c.data()
                                .get(HoseKinds.KEY)
                                .of(h.kind())
                                .groups()
                                .contains(f.group()))
                        .orElse(true);
    }

    /** The end of another hose's series that is most like the one that is there: what goes on the same port, bent alike. */
    private Optional<HoseEndPick> alike(Side s, HosePart h) {
        Optional<HoseEndPart> part = s.part();
        if (part.isPresent()
                && part.get().series().filter(h.series()::equals).isPresent()
                && part.get().hoseDash().filter(h.dash()::equals).isPresent()) {
            return Optional.empty();
        }
        Optional<End> on = s.presented();
        if (on.isEmpty()) {
            return Optional.empty();
        }
        double bent = part.map(p -> p.angle().degrees()).orElse(0.0);
        return catalogue.endsFor(on.get(), Optional.of(h), c.data().get(EndTable.KEY)).stream()
                .min(Comparator.comparingDouble(
                                (HoseEndPart e) -> Math.abs(e.angle().degrees() - bent))
                        .thenComparingDouble(HoseEndPart::price))
                .map(e -> new HoseEndPick(
                        Optional.of(e.part()), c.line().end(s.which()).adapters()));
    }

    /** Everything anew, from the shelf. */
    static List<Mending<HoseLine>> rebuilt(HosePlan plan, BooleanSupplier cancelled) {
        return new FromShelf(plan.c().line(), plan.c().setting(), cancelled)
                .find().stream().map(b -> anew(b, plan.c().data())).toList();
    }

    private static Mending<HoseLine> anew(FromShelf.Build b, ReferenceData data) {
        String words = Say.it(
                "hose-mendings.rebuilt",
                "hose",
                b.hose().title(),
                "a",
                said(LineEnd.A, b.line().end(LineEnd.A), data),
                "b",
                said(LineEnd.B, b.line().end(LineEnd.B), data));
        return new Mending<>(words, 1 + LineEnd.values().length, b.line());
    }
}
