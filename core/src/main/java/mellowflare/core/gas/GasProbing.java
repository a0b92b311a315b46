package mellowflare.core.gas;

import java.util.List;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.gas.net.GasNet;
import mellowflare.core.line.Probing;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;

/**
 * A gas line in which pressures are read.
 *
 * @param net with all that may burn together
 */
record GasProbing(GasNet net) implements Probing {
    @Override
    public List<String> consumers() {
        return net.draws().stream().map(GasNet.Draw::name).toList();
    }

    @Override
    public Probed with(Set<String> running) {
        return new GasProbed(net.with(
                net.draws().stream().filter(d -> running.contains(d.name())).toList()));
    }

    @Override
    public Figure pressure(GaugePressure pressure) {
        return new Figure.OfGasPressure(pressure);
    }

    @Override
    public Figure lost(PressureDifference lost) {
        return new Figure.OfGasDrop(lost);
    }

    @Override
    public String bare() {
        return "mbar";
    }
}
