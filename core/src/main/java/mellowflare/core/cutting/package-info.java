/** Bars, kerf and remnants: how pieces are packed into bars. Knows lengths, not pipes. */
package mellowflare.core.cutting;
