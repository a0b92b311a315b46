/** Drawing primitives in millimetres. Screen, PDF and SVG only paint them. */
package mellowflare.core.geometry;
