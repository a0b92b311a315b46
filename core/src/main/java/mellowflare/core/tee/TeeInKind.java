package mellowflare.core.tee;

import java.util.Optional;
import mellowflare.core.line.Kind;
import mellowflare.core.line.KindId;
import mellowflare.core.line.Setting;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tee.line.TeeLine;
import mellowflare.core.tee.order.TeeStepWriter;
import mellowflare.core.tee.stock.TeeStock;
import mellowflare.core.tee.work.TeeCase;

/** A tee into a standing tube of gas, fuel, water, refrigerant or air. */
public final class TeeInKind implements Kind<TeeLine, TeePlan> {
    public static final TeeInKind TEE = new TeeInKind();

    private static final KindId ID = new KindId("tee");

    private TeeInKind() {}

    @Override
    public KindId id() {
        return ID;
    }

    @Override
    public String word() {
        return Say.it("tee-in-kind.tee-in");
    }

    @Override
    public boolean joinsPorts() {
        return false;
    }

    @Override
    public TeeLine fresh() {
        return TeeLine.NEW;
    }

    @Override
    public Class<TeeLine> lineType() {
        return TeeLine.class;
    }

    @Override
    public Class<TeePlan> planType() {
        return TeePlan.class;
    }

    @Override
    public ReferenceData load(ReferenceData shared) {
        StepTable steps = StepTable.beside(TeeStepWriter.class, TeeStepWriter.WORDS);
        return shared.with(TeeStock.KEY, TeeStock.load())
                .with(TeeStepWriter.STEPS, steps)
                .with(TeeStepWriter.ORDER, Precedence.beside(TeeStepWriter.class, steps));
    }

    @Override
    public TeePlan plan(TeeLine line, Setting setting, Optional<TeePlan> before) {
        return before.filter(b -> b.c().line().equals(line) && b.c().setting().equals(setting))
                .orElseGet(() -> TeePlan.of(TeeCase.of(line, setting)));
    }
}
