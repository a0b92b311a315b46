/** The order of work of a tee-in. */
package mellowflare.core.tee.order;
