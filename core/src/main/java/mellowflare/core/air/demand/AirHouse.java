package mellowflare.core.air.demand;

import java.util.List;
import java.util.Optional;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** The house lists of tools, compressors and of how many tools run together, from the tables beside this class. */
public final class AirHouse {
    public static final ReferenceKey<AirHouse> KEY = new ReferenceKey<>("air tools", AirHouse.class);

    private record Share(double tools, double share) {}

    private final List<AirTool> tools;
    private final List<Compressor> compressors;
    private final List<Share> together;

    private AirHouse(List<AirTool> tools, List<Compressor> compressors, List<Share> together) {
        this.tools = tools;
        this.compressors = compressors;
        this.together = together;
    }

    public static AirHouse load() {
        return new AirHouse(
                CsvTable.beside(AirHouse.class, "tools.csv").map(AirTool::read, AirTool::id),
                CsvTable.beside(AirHouse.class, "compressors.csv").map(Compressor::read, Compressor::id),
                CsvTable.beside(AirHouse.class, "together.csv")
                        .map(r -> new Share(r.number("tools"), shared(r)), Share::tools));
    }

    private static double shared(CsvTable.Row r) {
        r.source();
        return r.number("share");
    }

    /** The same house with other lists. */
    public AirHouse with(List<AirTool> otherTools, List<Compressor> otherCompressors) {
        return new AirHouse(List.copyOf(otherTools), List.copyOf(otherCompressors), together);
    }

    public List<AirTool> tools() {
        return tools;
    }

    public Optional<AirTool> tool(String id) {
        return tools.stream().filter(t -> t.id().equals(id)).findFirst();
    }

    public List<Compressor> compressors() {
        return compressors;
    }

    public Optional<Compressor> compressor(String id) {
        return compressors.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** Share of so many tools that run at one moment, from the table; 1 for one tool or none. */
    public double together(int count) {
        if (count <= together.get(0).tools) {
            return together.get(0).share;
        }
        for (int i = 1; i < together.size(); i++) {
            Share a = together.get(i - 1);
            Share b = together.get(i);
            if (count <= b.tools) {
                return a.share + (b.share - a.share) * (count - a.tools) / (b.tools - a.tools);
            }
        }
        return together.get(together.size() - 1).share;
    }
}
