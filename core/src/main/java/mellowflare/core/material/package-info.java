/** Elastomers and liners, and what each is compatible with. */
package mellowflare.core.material;
