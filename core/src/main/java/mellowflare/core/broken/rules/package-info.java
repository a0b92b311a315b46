/** What is judged on a stuck or broken part. */
package mellowflare.core.broken.rules;
