/** A stuck or broken part worked out. */
package mellowflare.core.broken.work;
