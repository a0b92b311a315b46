/** The order of work of tube lines, and the tools it asks for. */
package mellowflare.core.tube.order;
