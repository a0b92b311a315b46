/** Quantities, units, reading and writing them, and a measured value with who measured it and how well. */
package mellowflare.core.measure;
