/** The open job format: JSON, schema in {@code docs/schema/job.schema.json}. */
package mellowflare.book.json;
