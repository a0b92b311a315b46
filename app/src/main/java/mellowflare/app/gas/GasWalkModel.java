package mellowflare.app.gas;

import java.util.List;
import java.util.Optional;
import mellowflare.app.line.CallOutModel;
import mellowflare.core.gas.GasLineKind;
import mellowflare.core.gas.layout.Connector;
import mellowflare.core.gas.layout.GasText;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.UnitSystem;

/** The walk along a gas line as it is called out, without a window. */
public final class GasWalkModel extends CallOutModel<Piece> {
    private final GasModel model;

    public GasWalkModel(GasModel model) {
        super(model.desk(), new OfGas(model));
        this.model = model;
    }

    private record OfGas(GasModel model) implements CalledOut<Piece> {
        @Override
        public List<Piece> pieces() {
            return model.line().pieces();
        }

        @Override
        public Read<Piece> read(String text, UnitSystem units, String usualName) {
            return GasText.read(text, units, usualName);
        }

        @Override
        public String write(Piece piece, UnitSystem units) {
            return GasText.write(piece, units);
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
                return Optional.of(x.hose().length());
            }
            return p instanceof Piece.Appliance x ? x.hose().map(Connector::length) : Optional.empty();
        }

        @Override
        public void keep(String what, List<Piece> pieces) {
            model.desk().change(what, "", j -> j.change(GasLineKind.GAS, l -> l.withPieces(pieces)));
        }
    }

    /** The line to draw: with the piece that is being typed. */
    public GasCase shown() {
        return tried().map(p -> model.c().sketched(model.line().withPieces(p))).orElseGet(model::c);
    }
}
