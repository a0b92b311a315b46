/** Tables: the ends with their figures and sources, what goes on what, every alias searchable. */
package mellowflare.app.tables;
