/** Fuel gases: what a cubic metre holds, how it runs, and what boils in a cylinder. */
package mellowflare.core.gas.fuel;
