package mellowflare.core.air.lists;

import java.util.List;
import mellowflare.core.air.demand.AirHouse;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.measure.AirReference;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvText;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.RowByRow;
import mellowflare.core.run.stock.PipeSize;

/**
 * Rows of the lists of air.
 *
 * @param tools what uses air
 * @param compressors with their receivers
 * @param sizes of pipe, of systems that may carry air
 */
public record AirLists(List<AirTool> tools, List<Compressor> compressors, List<PipeSize> sizes) {
    public static final AirLists NONE = new AirLists(List.of(), List.of(), List.of());

    /** Ids that can stand in a walk that is called out: no spaces, no commas. */
    private static final String ID = "[\\p{Ll}\\p{Nd}-]{1,40}";

    public AirLists {
        tools = List.copyOf(tools);
        compressors = List.copyOf(compressors);
        sizes = List.copyOf(sizes);
    }

    /**
     * What came of reading a file.
     *
     * @param lists its good rows
     * @param troubles one sentence for each row left out
     */
    public record Taken(AirLists lists, List<String> troubles) {
        public Taken {
            troubles = List.copyOf(troubles);
        }
    }

    /** What the data hold. */
    public static AirLists of(ReferenceData data) {
        AirHouse house = data.get(AirHouse.KEY);
        PipeSystems pipe = data.get(PipeSystems.KEY);
        return new AirLists(
                house.tools(),
                house.compressors(),
                pipe.rated().stream().flatMap(s -> pipe.sizes(s.id()).stream()).toList());
    }

    /**
     * Reads the rows of a file.
     *
     * @param pipe systems that sizes may belong to
     */
    public static Taken read(AirList list, List<CsvTable.Row> rows, PipeSystems pipe) {
        return switch (list) {
            case TOOLS -> {
                RowByRow<AirTool> r = RowByRow.read(rows, row -> AirTool.read(named(row)), AirTool::id);
                yield new Taken(new AirLists(r.values(), List.of(), List.of()), r.troubles());
            }
            case COMPRESSORS -> {
                RowByRow<Compressor> r = RowByRow.read(rows, row -> Compressor.read(named(row)), Compressor::id);
                yield new Taken(new AirLists(List.of(), r.values(), List.of()), r.troubles());
            }
            case PIPE -> {
                RowByRow<PipeSize> r = RowByRow.read(rows, row -> size(row, pipe), AirLists::number);
                yield new Taken(new AirLists(List.of(), List.of(), r.values()), r.troubles());
            }
        };
    }

    private static CsvTable.Row named(CsvTable.Row row) {
        if (!row.need("id").matches(ID)) {
            throw row.broken("id", Say.it("air-lists.small-letters-figures-hyphens", "row", row.text("id")));
        }
        return row;
    }

    /** What may carry air is not for a file to say: sizes belong to the systems that are known, and that may. */
    private static PipeSize size(CsvTable.Row row, PipeSystems pipe) {
        String system = row.need("system");
        var known = pipe.find(system)
                .orElseThrow(() -> row.broken("system", Say.it("air-lists.none-known-kinds-pipe", "system", system)));
        known.refused().ifPresent(why -> {
            throw row.broken("system", Say.it("air-lists.air-must-not-go", "known", known.name(), "why", why));
        });
        if (row.need("size").contains(" ")) {
            throw row.broken("size", Say.it("air-lists.has-space", "row", row.text("size")));
        }
        return PipeSize.read(row);
    }

    private static String number(PipeSize z) {
        return z.system() + " " + z.size();
    }

    /** One file as text, header first. */
    public String csv(AirList list) {
        return switch (list) {
            case TOOLS -> CsvText.of(list.kind().columns(), tools, AirLists::row);
            case COMPRESSORS -> CsvText.of(list.kind().columns(), compressors, AirLists::row);
            case PIPE -> CsvText.of(list.kind().columns(), sizes, AirLists::row);
        };
    }

    private static List<String> row(AirTool t) {
        return List.of(
                t.id(),
                t.name(),
                CsvText.word(t.kind()),
                CsvText.number(t.flow().in(AirReference.ISO8778).litresPerMinute()),
                CsvText.number(t.need().bar()),
                CsvText.number(t.duty()),
                CsvText.number(t.burstSeconds()),
                CsvText.number(t.hoseBore().mm()),
                t.source().text(),
                CsvText.confidence(t.source()));
    }

    private static List<String> row(Compressor c) {
        return List.of(
                c.id(),
                c.name(),
                CsvText.number(c.delivers().litresPerMinute()),
                CsvText.number(c.cutIn().bar()),
                CsvText.number(c.cutOut().bar()),
                CsvText.number(c.receiver().litres()),
                CsvText.number(c.kilowatts()),
                CsvText.number(c.noise()),
                CsvText.number(c.aboveRoom()),
                CsvText.number(c.startsAnHour()),
                c.relief().map(r -> CsvText.number(r.bar())).orElse(""),
                c.source().text(),
                CsvText.confidence(c.source()));
    }

    private static List<String> row(PipeSize z) {
        return List.of(
                z.system(),
                z.size(),
                CsvText.number(z.outside().mm()),
                CsvText.number(z.wall().mm()),
                CsvText.number(z.insert().mm()),
                CsvText.number(z.elbow().mm()),
                CsvText.number(z.tee().mm()),
                CsvText.number(z.branch().mm()),
                CsvText.number(z.coupling().mm()),
                CsvText.number(z.hanger().mm()),
                CsvText.number(z.metre()),
                CsvText.number(z.elbowPrice()),
                CsvText.number(z.teePrice()),
                CsvText.number(z.couplingPrice()),
                CsvText.number(z.valvePrice()),
                CsvText.number(z.hangerPrice()),
                z.source().text(),
                CsvText.confidence(z.source()));
    }

    /** These rows and others; of two with one id the other counts. */
    public AirLists plus(AirLists more) {
        return new AirLists(
                RowByRow.laid(tools, more.tools, AirTool::id),
                RowByRow.laid(compressors, more.compressors, Compressor::id),
                RowByRow.laid(sizes, more.sizes, AirLists::number));
    }

    /** The data with these rows laid over their lists. */
    public ReferenceData over(ReferenceData data) {
        AirLists all = of(data).plus(this);
        return data.with(AirHouse.KEY, data.get(AirHouse.KEY).with(all.tools, all.compressors))
                .with(PipeSystems.KEY, data.get(PipeSystems.KEY).with(all.sizes));
    }

    public int count() {
        return tools.size() + compressors.size() + sizes.size();
    }
}
