/** Drawings of a water point. */
package mellowflare.core.water.draw;
