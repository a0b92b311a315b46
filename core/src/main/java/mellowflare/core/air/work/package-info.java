/** An air main worked out: its network, what may run together, what it must deliver. */
package mellowflare.core.air.work;
