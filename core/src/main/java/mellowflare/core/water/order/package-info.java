/** The order of work at a water point. */
package mellowflare.core.water.order;
