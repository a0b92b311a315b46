/** A tee into a standing tube. */
package mellowflare.core.tee;
