package mellowflare.core.air.lists;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import mellowflare.core.reference.FileKind;

/** The open CSV files of air, with their columns; an older file may lack where the relief valve opens. A row replaces the one of its id, or of its system and size. */
public enum AirList {
    TOOLS(
            "airtools",
            Say.it("air-list.tools-that-use-air"),
            "id,name,kind,flow_l_min,need_bar,duty,burst_s,hose_mm,source,confidence"),
    COMPRESSORS(
            "compressors",
            "compressors",
            "id,name,free_l_min,in_bar,out_bar,receiver_l,kw,noise_db,above_k,starts_h,relief_bar,source,confidence"),
    PIPE(
            "airpipe",
            Say.it("air-list.sizes-pipe-for-air"),
            "system,size,outside_mm,wall_mm,insert_mm,elbow_mm,tee_mm,branch_mm,coupling_mm,hanger_mm,metre,elbow,tee,coupling,valve,hanger,source,confidence");

    private final FileKind kind;

    AirList(String id, String words, String columns) {
        this.kind = new FileKind(id, words, List.of(columns.split(",")), Set.of("relief_bar"));
    }

    /** The file of a kind. */
    public static AirList of(FileKind kind) {
        return Arrays.stream(values())
                .filter(f -> f.kind.equals(kind))
                .findFirst()
                .orElseThrow();
    }

    public FileKind kind() {
        return kind;
    }
}
