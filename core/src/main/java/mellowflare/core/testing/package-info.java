/** Tests of a finished line: what is asked, what was recorded, and what it proves. */
package mellowflare.core.testing;
