/** All that is judged on rigid pipe. */
package mellowflare.core.pipe.rules;
