/** Air: a workshop main with its tools, pressures, sizes, day, water, pieces and test. */
package mellowflare.app.air;
