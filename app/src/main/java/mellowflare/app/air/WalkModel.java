package mellowflare.app.air;

import java.util.List;
import java.util.Optional;
import mellowflare.app.desk.Desk;
import mellowflare.app.line.CallOutModel;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.layout.WalkText;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.UnitSystem;

/** The walk along a main as it is called out, without a window, and the outlets met on it. */
public final class WalkModel extends CallOutModel<Piece> {
    private final AirModel model;
    private final Desk desk;

    public WalkModel(AirModel model) {
        super(model.desk(), new OfAir(model));
        this.model = model;
        this.desk = model.desk();
    }

    private record OfAir(AirModel model) implements CalledOut<Piece> {
        @Override
        public List<Piece> pieces() {
            return model.line().pieces();
        }

        @Override
        public Read<Piece> read(String text, UnitSystem units, String usualName) {
            return WalkText.read(text, units, usualName);
        }

        @Override
        public String write(Piece piece, UnitSystem units) {
            return WalkText.write(piece, units);
        }

        @Override
        public String freeName() {
            return model.line().freeName();
        }

        @Override
        public Optional<Length> reach(Piece p) {
            if (p instanceof Piece.Pipe x) {
                return Optional.of(x.length());
            }
            if (p instanceof Piece.Hose x) {
                return Optional.of(x.length());
            }
            if (p instanceof Piece.Drop x) {
                return Optional.of(x.down());
            }
            return p instanceof Piece.Drain x ? Optional.of(x.down()) : Optional.empty();
        }

        @Override
        public void keep(String what, List<Piece> pieces) {
            model.desk().change(what, "", j -> j.change(AirMainKind.AIR, m -> m.withPieces(pieces)));
        }
    }

    /** The main to draw: with the piece that is being typed. */
    public AirCase shown() {
        return tried().map(p -> model.c().sketched(model.line().withPieces(p))).orElseGet(model::c);
    }

    // --- the chosen outlet ---

    /** Outlets in the order of the walk. */
    public List<Piece.Drop> drops() {
        return pieces().stream()
                .filter(Piece.Drop.class::isInstance)
                .map(Piece.Drop.class::cast)
                .toList();
    }

    /** Changes an outlet. */
    public void outlet(String name, Outlet outlet) {
        for (int i = 0; i < pieces().size(); i++) {
            int at = i;
            if (pieces().get(i) instanceof Piece.Drop d && d.name().equals(name)) {
                desk.change(
                        Say.it("walk-model.tools-at", "name", name),
                        Say.it("walk-model.outlet", "name", name),
                        j -> j.change(AirMainKind.AIR, m -> m.replace(at, d.with(outlet))));
                return;
            }
        }
    }
}
