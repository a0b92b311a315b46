/** The order of work of rigid pipe. */
package mellowflare.core.pipe.order;
