/** Figures as tables: what stands in columns is put together once, for screen, sheet and reader alike. */
package mellowflare.core.table;
