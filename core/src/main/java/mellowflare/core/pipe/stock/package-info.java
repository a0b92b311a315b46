/** Pipe, fittings, flanges and the house list, from their tables. */
package mellowflare.core.pipe.stock;
