/** A run as it is called out. */
package mellowflare.core.pipe.layout;
