/** The ladder drawn, and the strip of the band. */
package mellowflare.core.broken.draw;
