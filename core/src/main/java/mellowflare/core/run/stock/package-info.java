/** Sizes of pipe and what their fittings take. */
package mellowflare.core.run.stock;
