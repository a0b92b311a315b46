/** A chain of pipe in space: walked, sized, cut. */
package mellowflare.core.run;
