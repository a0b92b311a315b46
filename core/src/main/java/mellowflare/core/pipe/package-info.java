/** Rigid pipe: measured as an offset or called out through the room, cut, threaded or welded, put together in an order that can be made. Sibling of the other kinds of line. */
package mellowflare.core.pipe;
