package mellowflare.core.tube;

import java.util.List;
import java.util.Optional;
import mellowflare.core.line.Kind;
import mellowflare.core.line.KindId;
import mellowflare.core.line.Mending;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.FlareBands;
import mellowflare.core.tube.flare.FlareCauses;
import mellowflare.core.tube.flare.FlareTools;
import mellowflare.core.tube.flare.OwnFlareTools;
import mellowflare.core.tube.form.TubeScatter;
import mellowflare.core.tube.line.Reading;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.order.TubeStepWriter;
import mellowflare.core.tube.stock.Benders;
import mellowflare.core.tube.stock.TubeMaterials;
import mellowflare.core.tube.stock.TubeSizes;

/** Tube, bent to shape, with ends flared, ringed or soldered. */
public final class TubeLineKind implements Kind<TubeLine, TubePlan> {
    public static final TubeLineKind TUBE = new TubeLineKind();

    private static final KindId ID = new KindId("tube");

    private TubeLineKind() {}

    @Override
    public KindId id() {
        return ID;
    }

    @Override
    public String word() {
        return Say.it("tube-line-kind.tube");
    }

    @Override
    public boolean joinsPorts() {
        return true;
    }

    @Override
    public TubeLine fresh() {
        return TubeLine.NEW;
    }

    @Override
    public Class<TubeLine> lineType() {
        return TubeLine.class;
    }

    @Override
    public Class<TubePlan> planType() {
        return TubePlan.class;
    }

    @Override
    public List<OwnLists<?>> ownLists() {
        return List.of(OwnFlareTools.LISTS);
    }

    @Override
    public ReferenceData load(ReferenceData shared) {
        TubeMaterials materials = TubeMaterials.load();
        StepTable steps = StepTable.beside(TubeStepWriter.class, TubeStepWriter.WORDS);
        return shared.with(TubeMaterials.KEY, materials)
                .with(TubeSizes.KEY, TubeSizes.load(materials))
                .with(Benders.KEY, Benders.load())
                .with(EndKinds.KEY, EndKinds.load())
                .with(FlareBands.KEY, FlareBands.load())
                .with(FlareTools.KEY, FlareTools.load())
                .with(FlareCauses.KEY, FlareCauses.load())
                .with(TubeScatter.KEY, TubeScatter.load())
                .with(TubeStepWriter.STEPS, steps)
                .with(TubeStepWriter.ORDER, Precedence.beside(TubeStepWriter.class, steps));
    }

    @Override
    public List<Mending<TubeLine>> mendings(TubePlan plan) {
        return TubeMendings.of(plan.c());
    }

    @Override
    public TubePlan plan(TubeLine line, Setting setting, Optional<TubePlan> before) {
        return before.filter(b -> b.c().line().equals(line) && b.c().setting().equals(setting))
                .orElseGet(() -> TubePlan.of(TubeCase.of(line, setting)));
    }

    @Override
    public TubeLine signed(TubeLine line, CalledFigure measured) {
        return line.withReading(Reading.of(measured));
    }
}
