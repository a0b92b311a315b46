/** The flare bench: what flare comes of a setting, which setting gives the wanted one, and what made a bad one. */
package mellowflare.core.tube.flare;
