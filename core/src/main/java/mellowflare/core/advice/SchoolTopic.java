package mellowflare.core.advice;

/** What good fitters disagree on, as far as this program meets it. */
public enum SchoolTopic {
    HOSE_CUTTING("cutting hose"),
    ASSEMBLY_LUBRICANT("lubricant for screw-together ends"),
    PIPE_THREAD_SEAL("sealing pipe thread"),
    HOSE_LENGTH("how the length is found"),
    BOSS_RING("rings in boss ports"),
    BRAID_CLOSING("closing a reusable end on braid"),
    BARRIER_PRESS("pressing a barrier end"),
    REOPENED_JOINT("joints that are opened often"),
    FLARE_ORDER("when the second end is flared"),
    FLARE_STICK_OUT("how far the tube sticks out"),
    FLARE_CLAMP("clamping a flare bar"),
    FLARE_CLOSING("closing a flare"),
    BURIED_JOINTS("joints in ground, wall or floor"),
    SOCKET_DEPTH("depth of a brazed socket"),
    AIR_FALL("fall of an air main"),
    AIR_DEMAND("how much air is needed"),
    AIR_SIZES("sizes of an air main"),
    AIR_SMALL_SHOP("main of a small shop"),
    END_PRIOR("how common ends are");

    private final String word;

    SchoolTopic(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
