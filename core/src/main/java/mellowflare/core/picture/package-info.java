/** Pictures of single steps, drawn with the figures of the job: not to scale along a long piece, exact in what they say. */
package mellowflare.core.picture;
