package mellowflare.core.gas;

import java.util.List;
import java.util.Optional;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.order.GasStepWriter;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.gas.stock.OwnGasTubes;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.line.Kind;
import mellowflare.core.line.KindId;
import mellowflare.core.line.Mending;
import mellowflare.core.line.Setting;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;

/** Low-pressure fuel gas from the cylinder or meter to every burner. */
public final class GasLineKind implements Kind<GasLine, GasPlan> {
    public static final GasLineKind GAS = new GasLineKind();

    private static final KindId ID = new KindId("gas");

    private GasLineKind() {}

    @Override
    public KindId id() {
        return ID;
    }

    @Override
    public String word() {
        return Say.it("gas-line-kind.gas-line");
    }

    @Override
    public boolean joinsPorts() {
        return false;
    }

    @Override
    public GasLine fresh() {
        return GasLine.NEW;
    }

    @Override
    public Class<GasLine> lineType() {
        return GasLine.class;
    }

    @Override
    public Class<GasPlan> planType() {
        return GasPlan.class;
    }

    @Override
    public List<OwnLists<?>> ownLists() {
        return List.of(OwnGasTubes.LISTS);
    }

    @Override
    public ReferenceData load(ReferenceData shared) {
        StepTable steps = StepTable.beside(GasStepWriter.class, GasStepWriter.WORDS);
        return shared.with(GasTable.KEY, GasTable.load())
                .with(GasStock.KEY, GasStock.load())
                .with(GasStepWriter.STEPS, steps)
                .with(GasStepWriter.ORDER, Precedence.beside(GasStepWriter.class, steps));
    }

    @Override
    public List<Mending<GasLine>> mendings(GasPlan plan) {
        return GasMendings.of(plan.c());
    }

    @Override
    public GasPlan plan(GasLine line, Setting setting, Optional<GasPlan> before) {
        return before.filter(b -> b.c().line().equals(line) && b.c().setting().equals(setting))
                .orElseGet(() -> GasPlan.of(GasCase.of(line, setting)));
    }
}
