package mellowflare.core.tube.end;

import java.util.Locale;

/** Ways in which a tube ends. What is known of each stands in {@link EndKinds}. */
public enum TubeEndKind {
    SINGLE37,
    SINGLE45,
    REFRIGERATION45,
    DOUBLE45,
    BUBBLE,
    CUTTING_RING,
    COMPRESSION,
    SWAGE,
    BARE;

    /** The published word: {@code single37}, {@code cutting-ring}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
