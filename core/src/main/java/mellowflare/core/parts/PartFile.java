package mellowflare.core.parts;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import mellowflare.core.reference.FileKind;

/** The open CSV files of a catalogue, with the columns that each must have. Unit in the column's name; parts are replaced by their number. */
public enum PartFile {
    HOSES(
            "hoses",
            "hoses",
            "part,name,kind,dash,bore_mm,outside_mm,working_bar,metric_bar,metric_source,vacuum_bar,bend_radius_mm,bend_to,min_c,max_c,liner,conductive,series,lengths_mm,on_shelf,price,source,confidence"),
    ENDS(
            "hoseends",
            Say.it("part-file.hose-ends"),
            "part,name,attach,series,hose_dash,code,size,gender,seat,swivel,angle_deg,cut_off_mm,drop_mm,bore_mm,metal,rating_bar,hexes,insertion_mm,gap_mm,collar,crimp_mm,on_shelf,price,source,confidence"),
    ADAPTERS(
            "adapters",
            "adapters",
            "part,name,a_code,a_size,a_gender,b_code,b_size,b_gender,angle_deg,rating_bar,bore_mm,on_shelf,price,metal,length_mm,source,confidence"),
    COLLARS(
            "collars",
            Say.it("part-file.ferrules-olives-clamps"),
            "part,name,form,outside_min_mm,outside_max_mm,die,on_shelf,price,source,confidence"),
    SEALS(
            "seals",
            Say.it("part-file.rings-washers"),
            "part,name,form,code,size,compound,on_shelf,price,source,confidence"),
    TOOLS(
            "tools",
            Say.it("part-file.tools-with-their-plan"),
            "id,name,words,usual,severity,instead,needs,strict_for,strictly,source,confidence");

    private final FileKind kind;

    PartFile(String id, String words, String columns) {
        this.kind = new FileKind(id, words, List.of(columns.split(",")), later());
    }

    /** Columns that an older file may lack. */
    private static Set<String> later() {
        return Set.of("strict_for", "strictly", "metric_bar", "metric_source", "vacuum_bar", "conductive");
    }

    /** The file of a kind. */
    public static PartFile of(FileKind kind) {
        return Arrays.stream(values())
                .filter(f -> f.kind.equals(kind))
                .findFirst()
                .orElseThrow();
    }

    public FileKind kind() {
        return kind;
    }

    /** Name of the file without its ending. */
    public String id() {
        return kind.id();
    }

    public String words() {
        return kind.words();
    }

    public List<String> columns() {
        return kind.columns();
    }
}
