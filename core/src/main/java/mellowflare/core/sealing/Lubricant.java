package mellowflare.core.sealing;

import mellowflare.core.reference.Source;

/**
 * What may ease a joint while it is put together.
 *
 * @param substance what it is
 * @param text what to do, a whole sentence
 * @param source who says so
 */
public record Lubricant(Substance substance, String text, Source source) {
    /** What a lubricant is. */
    public enum Substance {
        DRY,
        /** What runs in the line. */
        FLUID,
        LIGHT_OIL,
        REFRIGERANT_OIL,
        /** Made with mineral oil. */
        GREASE,
        SILICONE,
        SOAP,
        WATER,
        /** Only what is listed for the fluid. */
        LISTED;

        /** Whether mineral oil is in it. */
        public boolean mineral() {
            return this == LIGHT_OIL || this == GREASE;
        }
    }
}
