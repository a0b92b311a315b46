/** All that is judged on a main. */
package mellowflare.core.air.rules;
