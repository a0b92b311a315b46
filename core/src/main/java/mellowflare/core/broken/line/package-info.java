/** What a job keeps of a stuck or broken part. */
package mellowflare.core.broken.line;
