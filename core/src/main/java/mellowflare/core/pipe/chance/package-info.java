/** How likely it is that the far end closes. */
package mellowflare.core.pipe.chance;
