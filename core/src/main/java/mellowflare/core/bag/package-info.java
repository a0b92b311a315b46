/** The one-trip bag: the fewest parts that finish a job whose inside nobody has seen. */
package mellowflare.core.bag;
