/** Fluids, their properties, and what a line must do with them. */
package mellowflare.core.fluid;
