/** Drawings of tube lines: shape in space, marks on the straight tube, flare in the bar and on its seat, templates, the strip. */
package mellowflare.core.tube.draw;
