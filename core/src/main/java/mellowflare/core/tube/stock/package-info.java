/** What tube, benders and clamps there are, from tables; and what pressure a tube withstands. */
package mellowflare.core.tube.stock;
