/** Drawings of offsets, runs and their strip. */
package mellowflare.core.pipe.draw;
