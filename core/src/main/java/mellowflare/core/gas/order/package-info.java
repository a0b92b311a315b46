/** The order of work of a gas line. */
package mellowflare.core.gas.order;
