/** From the walk to stretches, pieces, bars, rods and parts. */
package mellowflare.core.run.cut;
