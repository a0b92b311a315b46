/** A gas line worked out: flows, pressures at every inlet before and after, capacities, sizes, cylinders. */
package mellowflare.core.gas.work;
