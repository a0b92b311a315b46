/** Elastomers and liners, and what each bears. */
package mellowflare.core.material;
