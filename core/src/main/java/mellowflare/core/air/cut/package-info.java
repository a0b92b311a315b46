/** From the layout to pieces, parts and hangers. */
package mellowflare.core.air.cut;
