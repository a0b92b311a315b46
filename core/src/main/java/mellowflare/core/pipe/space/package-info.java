/** A run as it lies in space: fittings, mouths, pieces and their cuts. */
package mellowflare.core.pipe.space;
