/** In which order a run can be put together, and taken apart. */
package mellowflare.core.pipe.assemble;
