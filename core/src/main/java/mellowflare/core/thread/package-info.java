/** Thread forms and the standards' tables of threads. */
package mellowflare.core.thread;
