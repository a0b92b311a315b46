/** The page of Line for rigid pipe: an offset as measured, a run as called out, its order of assembly, its pieces. */
package mellowflare.app.pipe;
