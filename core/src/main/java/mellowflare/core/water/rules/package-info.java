/** What is judged on a water point. */
package mellowflare.core.water.rules;
