/** Drawings of a main. */
package mellowflare.core.air.draw;
