/** Rungs of the ladder, fluids, materials, extractors. */
package mellowflare.core.broken.stock;
