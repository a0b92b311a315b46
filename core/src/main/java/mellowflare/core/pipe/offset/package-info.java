/** An offset from what was measured: the worked sum, its cuts, the far end. */
package mellowflare.core.pipe.offset;
