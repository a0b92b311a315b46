package mellowflare.core.pipe;

import java.util.List;
import java.util.Optional;
import mellowflare.core.line.Kind;
import mellowflare.core.line.KindId;
import mellowflare.core.line.Mending;
import mellowflare.core.line.Setting;
import mellowflare.core.pipe.join.Joiners;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.makeup.MakeUps;
import mellowflare.core.pipe.order.PipeStepWriter;
import mellowflare.core.pipe.stock.OwnPipeHouse;
import mellowflare.core.pipe.stock.PipeHouse;
import mellowflare.core.pipe.stock.PipeStock;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;

/** Rigid pipe, threaded, flanged or welded, as an offset or as a run through the room. */
public final class PipeLineKind implements Kind<PipeLine, PipePlan> {
    public static final PipeLineKind PIPE = new PipeLineKind();

    private static final KindId ID = new KindId("pipe");

    private PipeLineKind() {}

    @Override
    public KindId id() {
        return ID;
    }

    @Override
    public String word() {
        return Say.it("pipe-line-kind.rigid-pipe");
    }

    @Override
    public boolean joinsPorts() {
        return false;
    }

    @Override
    public PipeLine fresh() {
        return PipeLine.NEW;
    }

    @Override
    public Class<PipeLine> lineType() {
        return PipeLine.class;
    }

    @Override
    public Class<PipePlan> planType() {
        return PipePlan.class;
    }

    @Override
    public List<OwnLists<?>> ownLists() {
        return List.of(OwnPipeHouse.LISTS);
    }

    @Override
    public ReferenceData load(ReferenceData shared) {
        StepTable steps = StepTable.beside(PipeStepWriter.class, PipeStepWriter.WORDS);
        return shared.with(PipeStock.KEY, PipeStock.load())
                .with(PipeHouse.KEY, PipeHouse.load())
                .with(MakeUps.KEY, MakeUps.load())
                .with(Joiners.KEY, Joiners.load())
                .with(PipeStepWriter.STEPS, steps)
                .with(PipeStepWriter.ORDER, Precedence.beside(PipeStepWriter.class, steps));
    }

    @Override
    public List<Mending<PipeLine>> mendings(PipePlan plan) {
        return PipeMendings.of(plan.c());
    }

    @Override
    public PipePlan plan(PipeLine line, Setting setting, Optional<PipePlan> before) {
        return before.filter(b -> b.c().line().equals(line) && b.c().setting().equals(setting))
                .orElseGet(() -> PipePlan.of(before.map(b -> PipeCase.after(line, setting, b.c()))
                        .orElseGet(() -> PipeCase.of(line, setting))));
    }
}
