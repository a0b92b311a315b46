package mellowflare.core.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.line.Mending;
import mellowflare.core.run.stock.PipeSize;

/** What may be changed about a main: wider pipe for the main, the drops or one piece, another kind of pipe, its fall. The tools and where they are used stay. */
final class AirMendings {
    private AirMendings() {}

    static List<Mending<AirMain>> of(AirCase c) {
        List<Mending<AirMain>> all = new ArrayList<>();
        AirMain main = c.main();
        PipeSystems systems = c.data().get(PipeSystems.KEY);
        main.system().ifPresent(id -> {
            for (PipeSize s : systems.sizes(id)) {
                put(all, main, Say.it("air-mendings.main", "size", s.size()), main.withSize(Optional.of(s.size())));
                put(
                        all,
                        main,
                        Say.it("air-mendings.drops", "size", s.size()),
                        main.withDropSize(Optional.of(s.size())));
                pieces(all, main, s);
            }
        });
        put(all, main, Say.it("air-mendings.fall"), main.withFall(AirMain.USUAL_FALL));
        for (PipeSystem s : systems.rated()) {
            for (PipeSize size : systems.sizes(s.id())) {
                put(
                        all,
                        main,
                        Say.it("air-mendings.system", "system", s.name(), "size", size.size()),
                        main.withSystem(Optional.of(s.id())).withSize(Optional.of(size.size())));
            }
        }
        return all;
    }

    private static void pieces(List<Mending<AirMain>> all, AirMain main, PipeSize s) {
        for (int i = 0; i < main.pieces().size(); i++) {
            if (main.pieces().get(i) instanceof Piece.Pipe p && p.size().isPresent()) {
                List<Piece> pieces = new ArrayList<>(main.pieces());
                pieces.set(i, new Piece.Pipe(p.name(), p.turn(), p.length(), Optional.of(s.size())));
                put(
                        all,
                        main,
                        Say.it("air-mendings.piece", "pipe", p.name(), "size", s.size()),
                        main.withPieces(pieces));
            }
        }
    }

    private static void put(List<Mending<AirMain>> all, AirMain main, String words, AirMain after) {
        if (!after.equals(main)) {
            all.add(new Mending<>(words, after));
        }
    }
}
