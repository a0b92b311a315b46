/** How far a thread goes in, and what a fitting takes off a measure. */
package mellowflare.core.pipe.makeup;
