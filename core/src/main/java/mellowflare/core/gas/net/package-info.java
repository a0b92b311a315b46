/** Gas in a network of pipes: flows, pressures, capacities by the code's equations and by Darcy, and the cheapest sizes. */
package mellowflare.core.gas.net;
