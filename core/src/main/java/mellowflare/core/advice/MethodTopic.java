package mellowflare.core.advice;

import java.util.List;

/** What good fitters disagree on, as far as this program meets it. */
public enum MethodTopic {
    HOSE_CUTTING("cutting hose", "wheel", "shears", "hacksaw"),
    ASSEMBLY_LUBRICANT("lubricant for screw-together ends", "oil", "grease", "soap"),
    PIPE_THREAD_SEAL("sealing pipe thread", "paste", "tape", "both"),
    HOSE_LENGTH("how the length is found", "computed", "laid-out", "old-hose"),
    BOSS_RING("rings in boss ports", "always-new", "if-marked"),
    BRAID_CLOSING("closing a reusable end on braid", "meet", "gap"),
    BARRIER_PRESS("pressing a barrier end", "once", "twice"),
    REOPENED_JOINT("joints that are opened often", "ring", "flare"),
    FLARE_ORDER("when the second end is flared", "trim", "first"),
    FLARE_STICK_OUT("how far the tube sticks out", "computed", "thumb"),
    FLARE_CLAMP("clamping a flare bar", "full", "grip"),
    FLARE_CLOSING("closing a flare", "stroke", "steps"),
    BURIED_JOINTS("joints in ground, wall or floor", "reach", "code"),
    SOCKET_DEPTH("depth of a brazed socket", "table", "tube-wide"),
    AIR_FALL("fall of an air main", "far", "back", "level"),
    AIR_DEMAND("how much air is needed", "hands", "table"),
    AIR_SIZES("sizes of an air main", "stepped", "one"),
    AIR_SMALL_SHOP("main of a small shop", "pipe", "hose"),
    END_PRIOR("how common ends are", "shop", "tables");

    private final String word;
    private final List<String> ids;

    MethodTopic(String word, String... ids) {
        this.word = word;
        this.ids = List.of(ids);
    }

    public String word() {
        return word;
    }

    /** The stable names of its methods: in tables, in jobs and in code. Another one in the table stops the start. */
    public List<String> ids() {
        return ids;
    }
}
