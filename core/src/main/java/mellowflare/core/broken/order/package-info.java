/** The order of work on a stuck or broken part. */
package mellowflare.core.broken.order;
