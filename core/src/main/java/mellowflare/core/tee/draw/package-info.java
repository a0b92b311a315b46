/** The drawing of a tee-in. */
package mellowflare.core.tee.draw;
