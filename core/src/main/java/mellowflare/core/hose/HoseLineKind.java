package mellowflare.core.hose;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.line.CutRoom;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.hose.line.Scatter;
import mellowflare.core.hose.order.HoseStepWriter;
import mellowflare.core.line.Kind;
import mellowflare.core.line.KindId;
import mellowflare.core.line.Mending;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.reference.ReferenceData;

/** Hose with an end on each side. */
public final class HoseLineKind implements Kind<HoseLine, HosePlan> {
    public static final HoseLineKind HOSE = new HoseLineKind();

    private static final KindId ID = new KindId("hose");

    private HoseLineKind() {}

    @Override
    public KindId id() {
        return ID;
    }

    @Override
    public String word() {
        return Say.it("hose-line-kind.hose");
    }

    @Override
    public boolean joinsPorts() {
        return true;
    }

    @Override
    public HoseLine fresh() {
        return HoseLine.NEW;
    }

    @Override
    public Class<HoseLine> lineType() {
        return HoseLine.class;
    }

    @Override
    public Class<HosePlan> planType() {
        return HosePlan.class;
    }

    @Override
    public ReferenceData load(ReferenceData shared) {
        StepTable steps = StepTable.beside(HoseStepWriter.class, HoseStepWriter.WORDS);
        return shared.with(HoseStepWriter.STEPS, steps)
                .with(HoseStepWriter.ORDER, Precedence.beside(HoseStepWriter.class, steps))
                .with(Scatter.KEY, Scatter.load())
                .with(CutRoom.KEY, CutRoom.load())
                .with(Ways.KEY, Ways.load());
    }

    @Override
    public List<Mending<HoseLine>> mendings(HosePlan plan) {
        return HoseMendings.of(plan.c());
    }

    @Override
    public List<Mending<HoseLine>> rebuilt(HosePlan plan, BooleanSupplier cancelled) {
        return HoseMendings.rebuilt(plan, cancelled);
    }

    @Override
    public HosePlan plan(HoseLine line, Setting setting, Optional<HosePlan> before) {
        return before.filter(b -> b.c().line().equals(line) && b.c().setting().equals(setting))
                .orElseGet(() -> HosePlan.of(HoseCase.of(line, setting, before.flatMap(b -> b.c().route()))));
    }

    @Override
    public HoseLine ported(HoseLine line, LineEnd which) {
        return line.withEnd(which, HoseEndPick.NONE);
    }

    @Override
    public HoseLine signed(HoseLine line, CalledFigure measured) {
        return line.withFinished(Optional.of(measured));
    }
}
