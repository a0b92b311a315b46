/** The order of work of air mains. */
package mellowflare.core.air.order;
