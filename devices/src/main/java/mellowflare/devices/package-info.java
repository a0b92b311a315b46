/** The seam to outside instruments, with simulated stand-ins that ship. */
package mellowflare.devices;
