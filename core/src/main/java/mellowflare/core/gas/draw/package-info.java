/** Drawings of a gas line. */
package mellowflare.core.gas.draw;
