/** What gas is led in and what it is fed from: pipe, fittings, regulators, cylinders, and what codes say. */
package mellowflare.core.gas.stock;
