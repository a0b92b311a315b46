/** What a main is made of: systems, sizes, losses of fittings. */
package mellowflare.core.air.stock;
