/** Line: what joins to what, and how long do I cut? */
package mellowflare.app.line;
