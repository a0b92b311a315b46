package mellowflare.core.hose;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.SealRing;
import mellowflare.core.connection.Seat;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.material.Compatibility;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HosePart;
import mellowflare.core.parts.SealPart;

/** What to take from the shelf for a line. */
final class PartsList {
    private final HoseCase c;
    private final Catalogue catalogue;
    private final Map<String, PartLine> lines = new LinkedHashMap<>();

    private PartsList(HoseCase c) {
        this.c = c;
        this.catalogue = c.data().get(Catalogue.KEY);
    }

    static List<PartLine> of(HoseCase c) {
        PartsList list = new PartsList(c);
        c.hose().ifPresent(list::hose);
        for (Side side : c.sides()) {
            side.part().ifPresent(list::hoseEnd);
            side.adapters().forEach(f -> {
                list.add(
                        f.part().part(),
                        f.part().name(),
                        f.part().onShelf(),
                        f.part().price());
                f.seat().ifPresent(seat -> list.seal(f.on(), seat));
            });
            side.presented().ifPresent(on -> side.seat().ifPresent(seat -> list.seal(on, seat)));
        }
        return new ArrayList<>(list.lines.values());
    }

    private void hose(HosePart h) {
        if (h.whole()) {
            String length =
                    c.wholeLength().map(l -> LengthFormat.both(l, c.units())).orElse("none");
            lines.put(
                    h.part(),
                    new PartLine(
                            h.part(),
                            Say.it("parts-list.whole-hose", "hose", h.title(), "length", length),
                            Say.it("parts-list.pieces", "count", 1),
                            Say.it("parts-list.pieces", "count", 1),
                            1,
                            h.onShelf(),
                            h.price()));
            return;
        }
        Optional<CutLength> cut = c.cut().filter(CutLength::possible);
        lines.put(
                h.part(),
                new PartLine(
                        h.part(),
                        h.title(),
                        cut.map(x -> LengthFormat.both(x.shop(c.units()), c.units()))
                                .orElse(Say.it("parts-list.length-open-2")),
                        cut.map(x -> LengthFormat.shop(x.shop(c.units()), c.units()))
                                .orElse(Say.it("parts-list.length-open-2")),
                        cut.map(x -> x.shop(c.units()).mm() / 1000).orElse(0.0),
                        h.onShelf(),
                        h.price()));
    }

    private void hoseEnd(HoseEndPart p) {
        if (c.whole()) {
            return;
        }
        add(p.part(), p.name(), p.onShelf(), p.price());
        p.ferrule().flatMap(catalogue::ferrule).ifPresent(k -> add(k.part(), k.name(), k.onShelf(), k.price()));
    }

    /** The ring or washer of a joint in the compound that suits the fluid; by its designation where the catalogue holds none. */
    private void seal(End on, Seat seat) {
        boolean wanted = switch (seat.sealPlace()) {
            case RING_IN_HOUSING, RING_IN_FACE, RING_ON_PILOT, WASHER -> true;
            default -> false;
        };
        if (!wanted) {
            return;
        }
        Optional<String> compound =
                c.fluid().flatMap(f -> c.data().get(Compatibility.KEY).sealFor(f.id()));
        List<SealPart> held = catalogue.seals(on.id().code(), on.id().size());
        Optional<SealPart> part = held.stream()
                .filter(s -> compound.map(s.compound()::equals).orElse(false))
                .findFirst();
        part.ifPresentOrElse(
                s -> add(s.part(), s.name(), s.onShelf(), s.price()),
                () -> on.ring()
                        .map(SealRing::designation)
                        .filter(r -> seat == Seat.PORT_ORING || seat == Seat.FACE_ORING)
                        .ifPresent(r -> add(
                                Say.it("parts-list.ring", "r", r),
                                Say.it(
                                        "parts-list.o-ring-90-shore",
                                        "compound",
                                        compound.orElse(Say.it("parts-list.compound-for-fluid"))),
                                0,
                                0)));
    }

    private void add(String part, String name, double onShelf, double price) {
        PartLine before = lines.get(part);
        double need = before == null ? 1 : before.need() + 1;
        String amount = Say.it("parts-list.pieces", "count", (long) need);
        lines.put(part, new PartLine(part, name, amount, amount, need, onShelf, price));
    }
}
