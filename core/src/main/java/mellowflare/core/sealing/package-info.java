/** What goes on a joint, what must not, how tight, and re-use. */
package mellowflare.core.sealing;
