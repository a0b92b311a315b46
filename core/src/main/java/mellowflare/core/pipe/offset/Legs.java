package mellowflare.core.pipe.offset;

import mellowflare.core.measure.Length;

/** How what is left of the overall is shared between the outer legs. */
public sealed interface Legs {
    /** Both legs alike. */
    Legs EQUAL = new Shifted(Length.ZERO);

    /** Leg A longer by a shift, leg C shorter by it; below zero the other way round. */
    record Shifted(Length by) implements Legs {}

    /** Leg A as given, leg C what is left. */
    record GivenA(Length a) implements Legs {}
}
