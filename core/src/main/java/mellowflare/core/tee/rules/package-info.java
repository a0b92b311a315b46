/** What is judged on a tee-in. */
package mellowflare.core.tee.rules;
