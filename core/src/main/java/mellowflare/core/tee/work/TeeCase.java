package mellowflare.core.tee.work;

import java.util.Optional;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tee.line.TeeLine;
import mellowflare.core.tee.stock.TeeMethod;
import mellowflare.core.tee.stock.TeeStock;

/**
 * A tee-in worked out.
 *
 * @param line as the job keeps it
 * @param method how it is joined
 * @param goesIn what one joint takes in
 * @param cutOut length to cut out of the standing line: across the tee less what both joints take in, with the union and the shortest piece where the joint asks for them; below zero where the tee swallows more than it spans
 * @param shortBy how far apart the stubs stand too much, of a tube that is cut already (mm); below zero where more must be cut away
 * @param slack of both stubs together (mm)
 * @param spare what tee and union leave for a piece between them (mm), where the stubs do not reach or the joint asks for a union; below zero where there is no room for the union; empty where none is needed, and while the union was not measured
 * @param setting what else the job says
 */
public record TeeCase(
        TeeLine line,
        Optional<TeeMethod> method,
        Optional<Length> goesIn,
        Optional<Double> cutOut,
        Optional<Double> shortBy,
        double slack,
        Optional<Double> spare,
        Setting setting) {

    /** Works a tee-in out. */
    public static TeeCase of(TeeLine line, Setting setting) {
        TeeStock stock = setting.data().get(TeeStock.KEY);
        Optional<TeeMethod> method = line.method().map(stock::method);
        Optional<Length> goesIn = line.goesIn().or(() -> method.map(TeeMethod::goesIn));
        Optional<Double> alone = spans(line.across(), goesIn);
        Optional<Double> union = spans(line.unionAcross(), goesIn);
        Optional<Double> cutOut = method.filter(TeeMethod::union).isPresent()
                ? alone.flatMap(a -> union.map(u -> a + u + method.get().least().mm()))
                : alone;
        Optional<Double> shortBy = line.gap().flatMap(gap -> cutOut.map(c -> gap.mm() - c));
        double slack = line.slackA().map(Length::mm).orElse(0.0)
                + line.slackB().map(Length::mm).orElse(0.0);
        Optional<Double> piece = method.filter(TeeMethod::union).isPresent()
                ? cutOut.map(c -> method.get().least().mm() + shortBy.orElse(0.0))
                : shortBy.filter(s -> s > slack).flatMap(s -> union.map(u -> s - u));
        return new TeeCase(line, method, goesIn, cutOut, shortBy, slack, piece, setting);
    }

    /** What a part spans between the stubs: its length less what both joints take in (mm). */
    private static Optional<Double> spans(Optional<Length> across, Optional<Length> goesIn) {
        return across.flatMap(a -> goesIn.map(g -> a.mm() - 2 * g.mm()));
    }

    public UnitSystem units() {
        return setting.units();
    }

    public ReferenceData data() {
        return setting.data();
    }

    public TeeStock stock() {
        return data().get(TeeStock.KEY);
    }

    /** The piece to make; empty where none is needed, and where it would be too short to be joined at both ends. */
    public Optional<Length> piece() {
        return spare.filter(s -> s >= method.orElseThrow().least().mm() - 1e-6).map(Length::ofMm);
    }

    /** Whether both stubs come together in the tee, drawn along as far as they go; empty while the tube is whole. */
    public Optional<Boolean> reaches() {
        return shortBy.map(s -> s <= slack);
    }
}
