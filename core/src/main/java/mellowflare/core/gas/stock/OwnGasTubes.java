package mellowflare.core.gas.stock;

import java.util.List;
import java.util.Set;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvText;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.RowByRow;

/** The corrugated tube that a shop uses, one line of its maker's table for each size. */
public final class OwnGasTubes implements OwnLists<List<CorrugatedTube>> {
    public static final OwnGasTubes LISTS = new OwnGasTubes();

    public static final FileKind KIND = new FileKind(
            "gastube",
            Say.it("own-gas-tubes.tubes"),
            List.of("size,outside_mm,gas,flow_m3_h,drop_mbar,over_m,metre,fitting,hanger_mm,source,confidence"
                    .split(",")),
            Set.of());

    private static final int DIGITS = 6;

    private OwnGasTubes() {}

    @Override
    public List<FileKind> files() {
        return List.of(KIND);
    }

    @Override
    public List<CorrugatedTube> none() {
        return List.of();
    }

    @Override
    public List<CorrugatedTube> of(ReferenceData data) {
        return data.get(GasStock.KEY).tubes();
    }

    @Override
    public Read<List<CorrugatedTube>> read(FileKind file, List<CsvTable.Row> rows, ReferenceData data) {
        RowByRow<CorrugatedTube> read =
                RowByRow.read(rows, r -> CorrugatedTube.read(r, data.get(GasTable.KEY)), CorrugatedTube::size);
        return new Read<>(read.values(), read.troubles());
    }

    @Override
    public List<CorrugatedTube> plus(List<CorrugatedTube> these, List<CorrugatedTube> more) {
        return RowByRow.laid(these, more, CorrugatedTube::size);
    }

    @Override
    public int count(List<CorrugatedTube> rows) {
        return rows.size();
    }

    @Override
    public ReferenceData over(List<CorrugatedTube> rows, ReferenceData data) {
        return rows.isEmpty()
                ? data
                : data.with(GasStock.KEY, data.get(GasStock.KEY).with(rows));
    }

    @Override
    public String csv(FileKind file, List<CorrugatedTube> rows) {
        return CsvText.of(
                KIND.columns(),
                rows,
                t -> List.of(
                        t.size(),
                        text(t.outside().mm()),
                        t.gas().id(),
                        text(t.flow().cubicMetresPerHour()),
                        text(t.drop().millibar()),
                        text(t.over().mm() / 1000),
                        text(t.metre()),
                        text(t.fitting()),
                        text(t.hanger().mm()),
                        t.source().text(),
                        CsvText.confidence(t.source())));
    }

    private static String text(double v) {
        return LengthFormat.decimal(v, DIGITS, 0);
    }
}
