/** Paints core drawings on a canvas; small pictures for choices. */
package mellowflare.app.paint;
