package mellowflare.core.pipe.makeup;

import java.util.Locale;

/** Kinds of part that a measure is taken to, or through. */
public enum PartKind {
    ELBOW,
    TEE,
    CROSS,
    COUPLING,
    UNION,
    DIELECTRIC,
    VALVE,
    FLEX,
    REDUCER,
    BUSHING,
    CAP,
    PLUG,
    FLANGE;

    /** By which it is stored. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    public String word() {
        return switch (this) {
            case ELBOW -> Say.it("part-kind.elbow");
            case TEE -> Say.it("part-kind.tee");
            case CROSS -> Say.it("part-kind.cross");
            case COUPLING -> Say.it("part-kind.coupling");
            case UNION -> Say.it("part-kind.union");
            case DIELECTRIC -> Say.it("part-kind.dielectric");
            case VALVE -> Say.it("part-kind.valve");
            case FLEX -> Say.it("part-kind.flex");
            case REDUCER -> Say.it("part-kind.reducer");
            case BUSHING -> Say.it("part-kind.bushing");
            case CAP -> Say.it("part-kind.cap");
            case PLUG -> Say.it("part-kind.plug");
            case FLANGE -> Say.it("part-kind.flange");
        };
    }
}
