/** Which joiner two pipes want. */
package mellowflare.core.pipe.join;
