/** House pipe, equipment threads, ways to join them, and what is found behind walls. */
package mellowflare.core.water.stock;
