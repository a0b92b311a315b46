/** What a job keeps of rigid pipe, and all that follows from it. */
package mellowflare.core.pipe.line;
