package mellowflare.core.run.walk;

/** From which side of the main a drop leaves. */
public enum TakeOff {
    /** Over the top in a bow: water runs by underneath. */
    TOP,
    SIDE,
    /** Straight down: water falls into it. */
    BELOW
}
