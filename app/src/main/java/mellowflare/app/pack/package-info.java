/** The place where the bag is packed for what nobody has seen. */
package mellowflare.app.pack;
