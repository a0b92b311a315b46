/** How a tee goes into tube, and on which fluids. */
package mellowflare.core.tee.stock;
