package mellowflare.core.gas;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.stock.Cylinder;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.stock.Regulator;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.line.Mending;

/** What may be changed about a gas line: one pipe or all of them wider, another kind of pipe, the regulator, more or larger cylinders. What burns, and where, stays. */
final class GasMendings {
    private static final int MORE_CYLINDERS = 3;

    private final GasLine line;
    private final GasStock stock;
    private final List<Mending<GasLine>> all = new ArrayList<>();

    private GasMendings(GasCase c) {
        this.line = c.line();
        this.stock = c.stock();
    }

    static List<Mending<GasLine>> of(GasCase c) {
        GasMendings m = new GasMendings(c);
        m.sizes();
        m.source();
        m.regulators();
        m.systems();
        return m.all;
    }

    private void put(String words, GasLine after) {
        if (!after.equals(line)) {
            all.add(new Mending<>(words, after));
        }
    }

    private void sizes() {
        if (line.system().isEmpty()) {
            return;
        }
        List<GasSize> sizes = stock.sizes(line.system().get());
        for (int i = 0; i < line.pieces().size(); i++) {
            if (line.pieces().get(i) instanceof Piece.Pipe p) {
                for (GasSize s : wider(sizes, p.size().or(line::size))) {
                    List<Piece> pieces = new ArrayList<>(line.pieces());
                    pieces.set(i, p.withSize(Optional.of(s.size())));
                    put(Say.it("gas-mendings.one-size", "pipe", p.name(), "size", s.size()), line.withPieces(pieces));
                }
            }
        }
        for (GasSize s : wider(sizes, line.size())) {
            put(
                    Say.it("gas-mendings.all-sizes", "size", s.size()),
                    line.withSize(Optional.of(s.size()))
                            .withPieces(line.pieces().stream()
                                    .map(p -> p instanceof Piece.Pipe x ? x.withSize(Optional.empty()) : p)
                                    .toList()));
        }
    }

    /** The sizes after this one in the table; all while none is said. */
    private static List<GasSize> wider(List<GasSize> sizes, Optional<String> now) {
        int at = -1;
        for (int i = 0; i < sizes.size(); i++) {
            if (now.filter(sizes.get(i).size()::equals).isPresent()) {
                at = i;
            }
        }
        return sizes.subList(at + 1, sizes.size());
    }

    private void source() {
        GasSource s = line.source();
        for (int more = 1; more <= MORE_CYLINDERS && s.cylinder().isPresent(); more++) {
            if (s.count() + more <= GasSource.MOST) {
                put(
                        Say.it("gas-mendings.cylinders", "count", s.count() + more),
                        line.withSource(s.withCount(s.count() + more)));
            }
        }
        if (s.cylinder().isPresent()) {
            for (Cylinder other : stock.cylinders()) {
                put(
                        Say.it("gas-mendings.cylinder", "cylinder", other.name()),
                        line.withSource(s.withCylinder(Optional.of(other.id()))));
            }
        }
    }

    private void regulators() {
        for (Regulator r : stock.regulators()) {
            put(
                    Say.it("gas-mendings.regulator", "regulator", r.name()),
                    line.withSource(line.source().withRegulator(Optional.of(r.id()))));
            for (int i = 0; i < line.pieces().size(); i++) {
                if (line.pieces().get(i) instanceof Piece.Reduce p) {
                    List<Piece> pieces = new ArrayList<>(line.pieces());
                    pieces.set(i, new Piece.Reduce(p.name(), r.id()));
                    put(
                            Say.it("gas-mendings.one-regulator", "name", p.name(), "regulator", r.name()),
                            line.withPieces(pieces));
                }
            }
        }
    }

    private void systems() {
        for (GasSystem s : stock.systems()) {
            GasLine other = line.ofSystem(Optional.of(s.id()));
            stock.sizes(s.id())
                    .forEach(size -> put(
                            Say.it("gas-mendings.system", "system", s.name(), "size", size.size()),
                            other.withSize(Optional.of(size.size()))));
        }
    }
}
