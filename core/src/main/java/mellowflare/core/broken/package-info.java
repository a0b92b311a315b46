/** Stuck and broken parts: how they come out, and what never. */
package mellowflare.core.broken;
