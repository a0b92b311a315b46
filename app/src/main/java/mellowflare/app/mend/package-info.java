/** Ways to mend the open line, before and after. */
package mellowflare.app.mend;
