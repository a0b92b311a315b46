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
import mellowflare.core.line.Take;
import mellowflare.core.material.Compatibility;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HosePart;
import mellowflare.core.parts.SealPart;
import mellowflare.core.shelf.Held;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.shelf.Shelf;

/** What to take from the shelf for a line. */
final class PartsList {
    private final HoseCase c;
    private final Catalogue catalogue;
    private final List<Take> takes = new ArrayList<>();

    private PartsList(HoseCase c) {
        this.c = c;
        this.catalogue = c.data().get(Catalogue.KEY);
    }

    /** Each part by itself, in the order of the line. */
    static List<Take> takes(HoseCase c) {
        PartsList list = new PartsList(c);
        c.hose().ifPresent(list::hose);
        for (Side side : c.sides()) {
            list.side(side);
        }
        return Take.shelved(list.takes, c.setting());
    }

    /** Alike parts as one row. */
    static List<PartLine> of(HoseCase c) {
        Map<String, PartLine> lines = new LinkedHashMap<>();
        for (Take t : takes(c)) {
            PartLine before = lines.get(t.key());
            double need = t.need() + (before == null ? 0 : before.need());
            double taken = t.taken() + (before == null ? 0 : before.taken());
            lines.put(t.key(), line(c, t, need, taken));
        }
        return new ArrayList<>(lines.values());
    }

    private static PartLine line(HoseCase c, Take t, double need, double taken) {
        Optional<Length> cut =
                t.metres() ? c.cut().filter(CutLength::possible).map(x -> x.shop(c.units())) : Optional.empty();
        String amount = t.metres()
                ? cut.map(x -> LengthFormat.both(x, c.units())).orElse(Say.it("parts-list.length-open-2"))
                : Say.it("parts-list.pieces", "count", (long) need);
        String here = t.metres()
                ? cut.map(x -> LengthFormat.shop(x, c.units())).orElse(Say.it("parts-list.length-open-2"))
                : amount;
        return new PartLine(
                t.key(),
                t.name(),
                amount,
                here,
                need,
                taken,
                usable(c, t),
                t.each().orElse(0.0));
    }

    /** Of what is cut only a piece that is long enough is of use. */
    private static double usable(HoseCase c, Take t) {
        return t.metres()
                ? c.data()
                                .get(Shelf.KEY)
                                .held(t.key())
                                .map(Held::longest)
                                .orElse(Length.ZERO)
                                .mm()
                        / 1000
                : t.onShelf().orElse(0.0);
    }

    private void hose(HosePart h) {
        if (h.whole()) {
            String length =
                    c.wholeLength().map(l -> LengthFormat.both(l, c.units())).orElse("none");
            takes.add(Take.part(
                    h.part(),
                    Say.it("parts-list.whole-hose", "hose", h.title(), "length", length),
                    PartRole.WHOLE,
                    1,
                    false,
                    h.price()));
            return;
        }
        double metres = c.cut()
                .filter(CutLength::possible)
                .map(x -> x.shop(c.units()).mm() / 1000)
                .orElse(0.0);
        takes.add(Take.part(h.part(), h.title(), PartRole.CUT, metres, true, h.price()));
    }

    private void side(Side side) {
        side.part().filter(p -> !c.whole()).ifPresent(p -> {
            one(side, p.part(), p.name(), PartRole.END, p.price());
            p.ferrule()
                    .flatMap(catalogue::ferrule)
                    .ifPresent(k -> one(side, k.part(), k.name(), PartRole.FERRULE, k.price()));
        });
        side.adapters().forEach(f -> {
            one(
                    side,
                    f.part().part(),
                    f.part().name(),
                    PartRole.ADAPTER,
                    f.part().price());
            f.seat().ifPresent(seat -> seal(side, f.on(), seat, PartRole.ADAPTER));
        });
        side.presented().ifPresent(on -> side.seat().ifPresent(seat -> seal(side, on, seat, PartRole.SEAL)));
    }

    /** The ring or washer of a joint in the compound that suits the fluid; by its designation where the catalogue holds none. */
    private void seal(Side side, End on, Seat seat, PartRole role) {
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
                s -> one(side, s.part(), s.name(), role, s.price()),
                () -> on.ring()
                        .map(SealRing::designation)
                        .filter(r -> seat == Seat.PORT_ORING || seat == Seat.FACE_ORING)
                        .ifPresent(r -> one(
                                side,
                                Say.it("parts-list.ring", "r", r),
                                Say.it(
                                        "parts-list.o-ring-90-shore",
                                        "compound",
                                        compound.orElse(Say.it("parts-list.compound-for-fluid"))),
                                role,
                                0)));
    }

    private void one(Side side, String part, String name, PartRole role, double price) {
        takes.add(Take.part(part, name, role, 1, false, price).at(side.which()));
    }
}
