/** What is judged on a tube line, each rule stated once. */
package mellowflare.core.tube.rules;
